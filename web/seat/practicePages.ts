/** What is loaded with the first trainer that a seat opens. */
export { ClassRound } from '../practice/class/ClassRound.tsx';
export { SeatHeat } from './SeatHeat.tsx';
export { SeatPractice } from './SeatPractice.tsx';
