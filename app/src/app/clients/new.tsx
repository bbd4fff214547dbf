import { ClientForm } from '../../screens/lazyScreens';

export default function NewClient() {
  return <ClientForm clientId={null} />;
}
