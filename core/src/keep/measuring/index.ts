export { lossPercent, specificVolumeOf, volumeBySeeds, type SeedVolume } from './measuring.js';
