/** Two foods put together, fact by fact: of each the worse. */
export { worseOfBoth } from './worseOfBoth';
