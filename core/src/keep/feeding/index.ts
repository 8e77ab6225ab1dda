export {
  FEEDING_SCHOOLS,
  fedState,
  fedWith,
  MOST_DRYING,
  nextFeed,
  type FedState,
  type Feed,
  type FeedingSchool,
  type NextFeed,
} from './feeding.js';
