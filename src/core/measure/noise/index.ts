export { matchOrders, turningIn, type Train } from './orders';
