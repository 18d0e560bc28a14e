/** Of every test that turns the engine by its starter. */
export const CRANKING = 'Gearbox in neutral, brake on, nobody in front; coil disconnected.'
