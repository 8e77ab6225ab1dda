export { readOwnTask, readWish, readWishes, type ReadWish, type WishContext } from './read-wish.js';
