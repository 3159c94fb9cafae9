export { WelcomeScreen as default } from '../../features/welcome/WelcomeScreen';
