import { OutboxScreen } from '../screens/OutboxScreen';

export default OutboxScreen;
