export { RecordScreen as default } from '../../../features/record/RecordScreen';
