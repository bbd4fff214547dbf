import { useLocalSearchParams } from 'expo-router';
import { ReportScreen } from '../../../../../screens/ReportScreen';

export default function VisitReport() {
  const { id, visit } = useLocalSearchParams<{ id: string; visit: string }>();
  return <ReportScreen key={visit} clientId={id} visitId={visit} />;
}
