import { ClientForm } from '../../shell/lazyScreens';

export default function NewClient() {
  return <ClientForm clientId={null} />;
}
