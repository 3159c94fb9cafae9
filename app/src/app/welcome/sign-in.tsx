export { SignInScreen as default } from '../../features/welcome/SignInScreen';
