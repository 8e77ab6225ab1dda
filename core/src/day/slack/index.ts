export { slackOf, type DaySlack } from './slack.js';
