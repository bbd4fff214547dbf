import { ClientFormScreen } from '../../screens/ClientFormScreen';

export default function NewClient() {
  return <ClientFormScreen clientId={null} />;
}
