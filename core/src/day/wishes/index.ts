export { readWish, type ReadWish, type WishContext } from './read-wish.js';
