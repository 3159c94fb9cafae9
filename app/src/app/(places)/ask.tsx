export { AskScreen as default } from '../../features/ask/AskScreen';
