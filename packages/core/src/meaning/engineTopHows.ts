import type { ENGINE_TOP } from '../sections/engineTop.ts'
import type { LEVER } from '../sections/engineTopLevers.ts'
import { ENGINE_TOP_IGNITION_HOWS, ENGINE_TOP_SENSORS_HOWS, ENGINE_TOP_VACUUM_HOWS } from './engineTopPlacesHows.ts'
import type { Hows } from './hows.ts'

const RIGHT = 'Rule across the car from the middle of the carburettor pad; to the left is negative.'
const AHEAD = 'Rule along the car from the middle of the carburettor pad; to the rear is negative.'
const PIECE = 'Caliper over the piece by itself; what sinks below the piece under it counts as negative.'
const LEVER_PLACE = 'Rule from the middle of the throttle body to the middle of the shaft.'

const LEVER_HOWS: Hows<typeof LEVER> = {
  rightM: LEVER_PLACE,
  aheadM: LEVER_PLACE,
  upM: LEVER_PLACE,
  swungDeg: 'Protractor from above, between the shaft and straight across (or along); clockwise is positive.',
  armM: 'Caliper, middle of the shaft to middle of the ball.',
  restDeg: 'Angle gauge on the lever, foot off the pedal, plate on its stop.',
}

export const ENGINE_TOP_HOWS: Hows<typeof ENGINE_TOP> = {
  stack: {
    clay: {
      item: {
        rightM: RIGHT,
        aheadM: AHEAD,
        topM: 'Straight edge over the old part, depth rule down to the pad.',
        clayM:
          'Cling film under the lump; close the bonnet gently to its catch, open it, and caliper the thinnest part.',
        spreadM: 'Lay the lump twice at the same place: half of the difference.',
      },
    },
    old: { item: { heightM: PIECE } },
    pieces: { item: { heightM: PIECE } },
    points: {
      item: {
        rightM: RIGHT,
        aheadM: AHEAD,
        topM: 'Straight edge over it, depth rule down to the pad; of a part of the throttle body, down to the body’s lower face.',
        reachM: 'From the end of the rail to the outside of fitting and bend.',
        angledReachM: 'From the end of the rail to the outside of the angled end.',
      },
    },
    around: {
      item: {
        atM: 'Rule from the middle of the pad to the nearest part of the face.',
        rightM: RIGHT,
        aheadM: AHEAD,
        radiusM: 'Half of what the caliper reads over it.',
      },
    },
    elementM: 'Across the element, outside.',
    rimM: 'Across the lid or the base, whichever is wider.',
    openShare: 'Outside of the paper that no rubber, cage or wall covers.',
    faceMS: 'Paper: about 3 m/s, rule of thumb; from the maker’s sheet where there is one.',
    dropPa: 'Manometer between outside air and the throttle body’s mouth, at full power.',
    dropHeightM: 'Height of the element that was fitted while the restriction was measured.',
    elbowM: 'From the throttle body’s mouth to the top of the elbow or duct hat.',
    rockDeg:
      'Angle gauge on the engine while a helper blips it in gear against the brake, or with a bar under the sump; both ways.',
    axisBelowM: 'From the pad down to the line through the middles of the front mounts and the gearbox mount.',
    axisRightM:
      'From above, from the pad’s middle to the line through the mounts: much on an engine with its manifold at the side.',
    wantedM: 'Left between bonnet and anything under it with the engine rocked over: 5 mm, rule of thumb.',
    sideWantedM: 'Left at bulkhead, alternator and servo: 10 mm, rule of thumb.',
    lowerPadM: 'From the maker’s drawing: port face to pad, against the same on the manifold that is there.',
  },
  manifold: { cutM: 'Depth rule from the pad down to the divider’s new edge.' },
  bolts: {
    item: {
      many: 'Count them on the part.',
      flangeM: 'Caliper over the flange at the hole.',
      gasketM: 'Micrometer over an old one, or the maker’s figure for the tightened gasket.',
      washerM: 'Micrometer over the washer.',
      threadDepthM: 'Run a bolt in by hand until it stops, and mark it at the face.',
      holeDepthM: 'Depth rule to the bottom of the hole, without the drill’s point.',
      frictionK: 'From the sheet of the sealant or grease; dry 0.20, oiled 0.15: rules of thumb.',
      clampShare: 'Three quarters is usual: rule of thumb.',
      lengthM: 'Rule from under the head to the tip.',
      wallM: 'Caliper over the metal round the hole, less the hole, at its thinnest.',
      circleM: 'Middle to middle of two opposite bolts.',
      rows: {
        item: {
          count: 'Count the bolts of the row.',
          pitchM: 'Middle to middle along the row.',
          behindM: 'Middle to middle, from the row before.',
        },
      },
      places: {
        item: { rightM: 'Rule from any one point, the same for all bolts.', aheadM: 'Rule from the same point.' },
      },
    },
  },
  throttle: {
    links: {
      item: {
        driver: LEVER_HOWS,
        driven: LEVER_HOWS,
        rodM: 'Middle to middle of its ball joints.',
        sheathRightM: LEVER_PLACE,
        sheathAheadM: LEVER_PLACE,
        sheathUpM: LEVER_PLACE,
        closedRadiusM: 'Caliper, middle of the shaft to the cable where it leaves the cam, plate closed.',
        openRadiusM: 'The same, plate fully open.',
        camDeg: 'Angle gauge on the cam between the two.',
      },
    },
    padArmM: 'Rule from the pivot to the middle of the pad.',
    pedalDeg: 'Angle gauge on the pedal, from rest to its stop, carpet in.',
    slackM: 'Press the pad by hand until the plate just moves, and measure how far it went.',
    plateDeg:
      'Angle gauge on the plate’s shaft from closed to its stop; fully open is when the plate stands in line with the air, not past it.',
    springs: 'Count those that close the plate by themselves.',
    springClosedNm: 'The others off: pull on the lever by spring balance, times the arm, plate just leaving its stop.',
    springOpenNm: 'The others off: the same with the plate fully open.',
    dragNm: 'Every spring off: pull by spring balance, times the arm, while the plate moves slowly.',
    kickdown: {
      armM: 'Caliper, middle of the plate’s shaft to the cable’s pin.',
      restDeg: 'Angle gauge between the lever and the cable, plate closed.',
      closedM: 'From the cable’s own end stop to where it stands, plate closed.',
      wantsClosedM: 'Gearbox manual: travel with the plate closed.',
      wantsOpenM: 'Gearbox manual: travel with the plate fully open.',
      toleranceM: 'Gearbox manual; 1 mm where it says nothing: rule of thumb.',
    },
    closedV: 'Multimeter between signal and sensor return, key on, foot off.',
    openV: 'Multimeter between signal and sensor return, key on, a helper’s foot on the floor.',
  },
  vacuum: ENGINE_TOP_VACUUM_HOWS,
  sensors: ENGINE_TOP_SENSORS_HOWS,
  ignition: ENGINE_TOP_IGNITION_HOWS,
}
