export { WalkAroundBench as bench } from './WalkAroundBench.tsx'
