export { readOwnTask, readWish, type ReadWish, type WishContext } from './read-wish.js';
