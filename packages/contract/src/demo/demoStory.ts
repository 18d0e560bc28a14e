/** Why each car of the demo is there, in a sentence: by the id of its job. The demo says it on its board. */
export const DEMO_STORY: Readonly<Record<string, string>> = {
  '9a4e7b1c-2d38-4f65-8c07-3e1f5a6b7c77': 'Handed over, every station right: this is what good looks like.',
  'b7c8d9e0-3f49-4a76-9d18-4f2a6b7c8d88':
    'The same again, in build: lines and sensor are in, the loom lies on the bench and is being proved.',
  '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11':
    'The same maker’s V6 as it failed on paper: the old return is too narrow and the gearbox linkage sweeps the sensor. Try the remedies.',
  '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222':
    'Parts are ordered, but with the battery in the boot cranking resets the ECU: power has to be put right first.',
  'c51e9b07-6f48-4d2a-9e6b-0a9b8c7d3e33':
    'To be repaired before anything is fitted. Its loom was made too early, with two wires swapped: the readings name them.',
  'd62fac18-7059-4e3b-af7c-1b0c9d8e4f44': 'An enquiry: little is known, and the next thing to measure is named.',
  'e7a0d3b2-4c61-4f58-8d2e-5b6a7c8d9e55':
    'A thin old pipe kept as its only fuel line takes all the pressure: nothing is left at the rail.',
  'f1b9c4a6-7d25-4e83-9a1f-2c3d4e5f6a66':
    'A dynamo that gives nothing at idle, and the old gauge pipe as return: two habits that do not carry over.',
}
