// packages/core/src/shape/node.ts
const range = (min, max, unit) => ({
	min,
	max,
	unit
});
/** A figure that is measured or decided, null until then. SI, or the unit named. */
const figure = (family, min, max, unit) => ({
	is: "figure",
	family,
	range: range(min, max, unit),
	whole: false,
	empty: null
});
/** A whole number that is counted or decided, null until then. */
const whole = (min, max, unit = "", family = "count") => ({
	is: "figure",
	family,
	range: range(min, max, unit),
	whole: true,
	empty: null
});
/** A whole number that is always there. */
const count$1 = (min, max, empty) => ({
	is: "figure",
	family: "count",
	range: range(min, max, ""),
	whole: true,
	empty
});
/** A figure that is always there. */
const given = (family, min, max, unit, empty) => ({
	is: "figure",
	family,
	range: range(min, max, unit),
	whole: false,
	empty
});
/** One of a few words, null until somebody has looked. */
const word = (...words) => ({
	is: "word",
	words,
	empty: null
});
/** One of a few words; the first to begin with, or the one named. */
const always = (words, empty = words[0]) => ({
	is: "word",
	words,
	empty
});
const numeral = (...numerals) => ({
	is: "numeral",
	numerals,
	empty: numerals[0]
});
/** True, false, or not looked at yet. */
const seen = {
	is: "flag",
	empty: null
};
/** True or false. */
const flag = {
	is: "flag",
	empty: false
};
/** Free text, empty to begin with. */
const text = (most) => ({
	is: "text",
	least: 0,
	most,
	empty: ""
});
/** Text that somebody enters, null until then. */
const entered$1 = (most) => ({
	is: "text",
	least: 0,
	most,
	empty: null
});
/** What something is called: never empty. */
const name$1 = (most) => ({
	is: "text",
	least: 1,
	most,
	empty: ""
});
const reference = (to) => ({
	is: "reference",
	to,
	empty: null
});
const part = () => (kind) => ({
	is: "part",
	kind,
	empty: null
});
const setOf = (of, most, distinct = false) => ({
	is: "set",
	of,
	most,
	distinct,
	empty: []
});
const group = (fields) => ({
	is: "group",
	fields
});
const maybe = (of) => ({
	is: "maybe",
	of
});
const listOf = (item, most, one) => ({
	is: "list",
	item,
	most,
	one
});
const seats = (seat, names, one) => ({
	is: "seats",
	seat,
	names,
	one
});
/** "0", "1", … as names of seats. */
const numbered = (most) => Array.from({ length: most }, (_, i) => String(i));
// packages/core/src/shape/value.ts
const emptyValue = (node) => {
	switch (node.is) {
		case "group": return Object.fromEntries(Object.entries(node.fields).map(([key, field]) => [key, emptyValue(field)]));
		case "maybe": return null;
		case "list":
		case "seats": return [];
		default: return node.empty;
	}
};
/** The value of which nothing is known: nulls, empty lists, and what is always there as it begins. */
const emptyOf = (node) => emptyValue(node);
// packages/core/src/shape/paths.ts
const ROLES = ["a", "b"];
const isItem = (value) => typeof value === "object" && value !== null && "id" in value;
/**
* Where a key of a path stands in a list: items with an id by their id and by nothing else, seats by their role or
* number; -1 where there is none.
*/
const placeOf = (list, key) => {
	if (list.some(isItem)) return list.findIndex((item) => isItem(item) && item.id === key);
	const place = /^\d+$/.test(key) ? Number(key) : ROLES.indexOf(key);
	return place < list.length ? place : -1;
};
const stepInto = (at, key) => {
	if (Array.isArray(at)) return at[placeOf(at, key)];
	return typeof at === "object" && at !== null && Object.hasOwn(at, key) ? at[key] : void 0;
};
/** The value at a dotted path, e.g. "fuel.feed.legs.{id}.lengthM"; undefined where the path leads nowhere. */
const valueAt = (root, path) => path.split(".").reduce(stepInto, root);
/** A copy with the value at a dotted path replaced. The path must exist: a wrong one is a fault of ours. */
const withValueAt = (root, path, value) => {
	const [key, ...rest] = path.split(".");
	if (!key || stepInto(root, key) === void 0) throw new Error(`nothing at ${path}`);
	const next = rest.length === 0 ? value : withValueAt(stepInto(root, key), rest.join("."), value);
	if (!Array.isArray(root)) return {
		...root,
		[key]: next
	};
	const place = placeOf(root, key);
	return root.map((v, i) => i === place ? next : v);
};
/** The part of a shape that a path leads to, whatever the ids of its items; null where it leads nowhere. */
const nodeAt = (shape, path) => path.split(".").reduce((node, key) => node && childOf(node, key), shape);
const childOf = (node, key) => {
	switch (node.is) {
		case "group": return Object.hasOwn(node.fields, key) ? node.fields[key] : null;
		case "maybe": return childOf(node.of, key);
		case "list": return node.item;
		case "seats": return node.names.includes(key) || key === "*" ? node.seat : null;
		default: return null;
	}
};
const isLeaf = (node) => ![
	"group",
	"maybe",
	"list",
	"seats"
].includes(node.is);
// packages/core/src/job/jobChange.ts
/** The job with a change in it; sections that are not named stay the same objects. */
const withChange = (job, change) => Object.entries(change).reduce((j, [section, part]) => ({
	...j,
	[section]: {
		...j[section],
		...part
	}
}), job);
const PIECES = listOf(group({
	name: name$1(60),
	kind: always([
		"primaries",
		"log",
		"merge",
		"pipe",
		"flexible",
		"turbine",
		"catalyst",
		"silencer",
		"crossover",
		"open-end"
	], "pipe"),
	/** Alike side by side, such as primaries: each carries its share of the gas. */
	count: count$1(1, 8, 1),
	lengthM: figure("bore", .005, 6, "m"),
	/** Outside diameter by caliper. */
	outsideM: figure("bore", .012, .3, "m"),
	/** Once around by tape; where both are given the tape decides. */
	roundM: figure("bore", .04, .95, "m"),
	wallM: figure("bore", 4e-4, .02, "m"),
	/** Spread evenly over the length of the piece; 0 straight. */
	bendDeg: figure("angle", 0, 180, "degrees"),
	/** Of the centreline. */
	bendRadiusM: figure("bore", .01, 2, "m"),
	/** Where the bend turns to, as a clock angle looking against the flow: 0 up, 90 right, 180 down, 270 left. */
	bendClockDeg: figure("clock", 0, 360, "degrees"),
	/** At the start of the piece: rise towards the tail, down is negative. Null: as the piece before it ends. */
	inclinationDeg: figure("angle", -90, 90, "degrees"),
	joint: always([
		"one-piece",
		"gasket",
		"welded",
		"flange",
		"slip",
		"clamped",
		"ball"
	], "welded"),
	jointState: word("tight", "leaks"),
	/** Of the leak found at that joint: a round hole of the same area. */
	leakM: figure("bore", 0, .03, "m"),
	covered: always([
		"bare",
		"wrapped",
		"coated"
	]),
	/** Turbine only: where the wastegate's gas comes back, downstream of the piece's end. */
	wastegateReturnM: figure("bore", 0, 3, "m")
}), 40, "piece");
/** One bank from its ports to where it joins the other, or to the open end. */
const BANK = group({
	/** Numbers of the cylinders that breathe into it. */
	cylinders: setOf(whole(1, 16), 16, true),
	/** First port: height above the ground and place right of the car's middle. */
	portHeightM: figure("bore", 0, 2, "m"),
	portAcrossM: figure("bore", -2, 2, "m"),
	/** In plan, at the ports: 0 rearwards, 90 to the right. */
	headingDeg: figure("angle", -180, 180, "degrees"),
	pieces: PIECES
});
emptyOf(BANK);
const RUNS$1 = [
	"a",
	"b",
	"common"
];
const alongM = figure("bore", -3, 8, "m");
const clockDeg = figure("clock", 0, 360, "degrees");
const gapM = figure("bore", 0, 1, "m");
/** A thing near the pipe, as a patch on the unrolled pipe at a distance from its surface. */
const OBSTACLE = group({
	name: name$1(60),
	run: always(RUNS$1),
	/** Middle of it, from the merge's downstream edge (the common pipe: from its start), downstream positive. */
	alongM,
	/** Along the pipe. */
	lengthM: figure("bore", .005, 3, "m"),
	/** Clock angle of its middle, looking against the flow; 0 is the top line. */
	clockDeg,
	/** Around the pipe. */
	widthDeg: figure("angle", 1, 360, "degrees"),
	/** From the pipe's surface. */
	gapM,
	moves: flag,
	/** The same at the other end of its travel; null: as at the first. */
	otherAlongM: alongM,
	otherClockDeg: clockDeg,
	otherGapM: gapM
});
/** Where a sensor shall sit. */
const SPOT = group({
	run: always(RUNS$1),
	/** Hole centre from the merge's downstream edge, along the top line. */
	alongM: given("bore", -3, 8, "m", 0),
	/** Looking against the flow, 0 the top line, 90 right. */
	clockDeg: given("clock", 0, 360, "degrees", 0)
});
const DISTANCE_SCHOOLS = [
	"near",
	"middle",
	"far",
	"far-racing"
];
const ANGLE_SCHOOLS = [
	"level",
	"five",
	"ten"
];
const bank = word("a", "b");
/** The exhaust as measured, what is near it, and what was decided about its sensors. */
const EXHAUST$1 = group({
	banks: seats(BANK, ["a", "b"], "bank"),
	/** After both banks have joined; empty where they never do or there is one only. */
	common: PIECES,
	obstacles: listOf(OBSTACLE, 40, "obstacle"),
	/** To be kept under the car. */
	groundClearanceM: figure("bore", 0, .6, "m"),
	school: always(DISTANCE_SCHOOLS, "middle"),
	angleSchool: always(ANGLE_SCHOOLS, "ten"),
	/** 0 to 2. Null: as the chosen system wants it. */
	sensorCount: whole(0, 2),
	spots: seats(SPOT, ["a", "b"], "spot"),
	sensor: part()("sensors"),
	/** Type entered in the controller before the sensor was plugged in. */
	typeSet: seen,
	bung: part()("bungs"),
	material: word("mild-steel", "stainless", "aluminised", "cast"),
	joinBy: word("weld", "clamp"),
	/** Path of the cable from the sensor to the harness's connector, as a string laid where it will lie. */
	cablePathM: figure("bore", 0, 5, "m"),
	/** Least distance of that path from the pipe. */
	cableGapM: figure("bore", 0, 1, "m"),
	airInjection: word("none", "ports", "catalyst", "shut-off"),
	heatRiser: word("none", "working", "wired-open", "seized"),
	heatRiserBank: bank,
	leadedFuel: seen,
	/** Most the loop may add or take away. */
	correctionLimit: figure("share", .02, 1, "share of the fuel"),
	/** Lean end of the display that shows the sensor: anything leaner stands there. */
	readsToLambda: figure("lambda", 1.05, 10, "lambda"),
	/** Mixture in open loop, lambda. */
	openLoopLambda: figure("lambda", .6, 1.5, "lambda"),
	/** Which bank's injectors the controller steers by sensor A and by sensor B. */
	steers: group({
		a: bank,
		b: bank
	}),
	/** What unplugging one injector of bank A showed. */
	bankTest: word("own-went-lean", "other-went-lean")
});
emptyOf(EXHAUST$1);
// packages/core/src/sections/fuelLines.ts
const hose$1 = part()("hoses");
const fitting$1 = part()("fittings");
/** One cut piece of a line, from sealing seat to sealing seat. */
const LEG = group({
	name: name$1(60),
	/** Null: as the line. */
	hose: hose$1,
	/** Along the path, by string. */
	lengthM: figure("distance", .02, 20, "m"),
	/** Null where nobody has counted. */
	bends90: whole(0, 20),
	bends45: whole(0, 20),
	/** The tightest one, inside. */
	bendRadiusM: figure("bore", 0, 2, "m"),
	start: fitting$1,
	end: fitting$1,
	/** What one end moves with while the other is fixed to the body; or the leg lies inside the tank. */
	moves: always([
		"no",
		"tank",
		"engine",
		"inside"
	]),
	/** Nearest approach to the exhaust; null where it does not come near. */
	exhaustGapM: figure("bore", 0, 5, "m"),
	sleeved: flag,
	/** Near linkage, fan, axle or steering. */
	nearMotion: flag,
	/** Panels it passes through. */
	panels: count$1(0, 10, 0)
});
/** One line of the circuit: in one figure, or leg by leg where `legs` is not empty. */
const LINE = group({
	hose: hose$1,
	/** Measured bore; wins over the hose's listed one. */
	measuredBoreM: figure("bore", .002, .03, "m"),
	lengthM: figure("distance", 0, 20, "m"),
	/** From start to end, positive upwards. */
	riseM: figure("distance", -3, 3, "m"),
	/** Null where nobody has counted. */
	bends90: whole(0, 50),
	bends45: whole(0, 50),
	connectors: whole(0, 50),
	legs: listOf(LEG, 40, "leg")
});
emptyOf(LINE);
/** What a line has of bends and connectors while nobody has counted: rules of thumb. */
const USUAL_COUNTS = {
	bends90: 2,
	bends45: 0,
	connectors: 2
};
// packages/core/src/sections/fuelTank.ts
/** The tank as the pump, the pick-up and the vent see it. Depth and gap above are measured at the walk-around. SI. */
const FUEL_TANK = group({
	/** Under the hat as delivered; null: as the pump's sheet says. */
	hangerM: figure("bore", .02, 1, "m"),
	/** Longest the hanger can be drawn out to. */
	mostHangerM: figure("bore", .02, 1, "m"),
	floorClearanceM: figure("bore", 0, .1, "m"),
	/** Null: as the pump's sheet says. */
	hatHeightM: figure("bore", 0, .3, "m"),
	fittingHeightM: figure("bore", 0, .3, "m"),
	bendRadiusM: figure("bore", 0, .5, "m"),
	tiltDeg: figure("angle", -30, 30, "degrees"),
	hingeToHatM: figure("bore", .02, 3, "m"),
	swingRoomM: figure("bore", 0, 3, "m"),
	/** How far it is let down with the hoses on. */
	lowerM: figure("bore", 0, 1, "m"),
	/** Fuel at which it must still run. */
	lowM3: figure("volume", 5e-4, .4, "m³"),
	floorLengthM: figure("bore", .05, 3, "m"),
	floorWidthM: figure("bore", .05, 3, "m"),
	fromFrontM: figure("bore", 0, 3, "m"),
	fromLeftM: figure("bore", 0, 3, "m"),
	pickUpHeightM: figure("bore", 0, .2, "m"),
	/** Swirl pot or baffle box around the pick-up. */
	potM3: figure("volume", 0, .02, "m³"),
	lossWK: figure("heatLoss", .5, 200, "W/K"),
	returnWarmerK: figure("warming", 0, 60, "K"),
	hotDayK: figure("temperature", 253.15, 333.15, "K"),
	rollOverValve: seen,
	/** The vent loops above the filler's level. */
	ventLoop: seen,
	ventEnds: word("outside-down", "inside", "canister"),
	senderEmptyOhm: figure("resistance", 0, 2e3, "ohm"),
	senderFullOhm: figure("resistance", 0, 2e3, "ohm"),
	gaugeEmptyOhm: figure("resistance", 0, 2e3, "ohm"),
	gaugeFullOhm: figure("resistance", 0, 2e3, "ohm")
});
// packages/core/src/sections/fuel.ts
/** The car's own hard line, where it is to be kept. */
const OLD_LINE = group({
	keeps: word("feed", "return"),
	outsideM: figure("bore", .003, .03, "m"),
	wallM: figure("bore", 2e-4, .005, "m"),
	joints: word("flared", "compression", "hose-and-clip", "soldered"),
	/** Pressure a hydrostatic test held for five minutes. */
	provedPa: figure("pressure", 0, 5e6, "Pa")
});
/** What keeps fuel in when something goes wrong. Null: not looked at. */
const SAFETY = group({
	/** Pump relay driven by the controller, which drops it when the engine stops. */
	stopsWithEngine: seen,
	inertiaSwitch: seen,
	fused: seen
});
const filter$1 = part()("filters");
/** Fuel, pump, lines, regulator, injectors and tank. */
const FUEL$2 = group({
	ethanolShare: figure("share", 0, 1, "by volume"),
	fuelTemperatureK: figure("temperature", 243.15, 353.15, "K"),
	/** Regulator at the engine with a line back, or at the tank and one line. Null: as the chosen system wants it. */
	systemType: word("return", "single-line"),
	/** It decides the pressure at the injector's tip. Null: as the chosen system wants it. */
	injectionPlace: word("above-plate", "below-plate", "port"),
	setPressurePa: figure("pressure", 2e4, 1e6, "Pa"),
	/** Reference hose from the regulator to the manifold. */
	referenced: flag,
	pump: part()("pumps"),
	/** Alike, side by side, each behind its own check valve: 1 or 2. */
	pumpCount: count$1(1, 2, 1),
	strainer: filter$1,
	filter: filter$1,
	filterPosition: always(["before-regulator", "after-regulator"]),
	regulator: part()("regulators"),
	/** End of the scale of the gauge the pressure is set and tested with. */
	gaugeMostPa: figure("pressure", 5e4, 1e7, "Pa"),
	feed: LINE,
	return: LINE,
	/** From the tank to an in-line pump. */
	suction: LINE,
	vent: LINE,
	oldLine: OLD_LINE,
	injector: part()("injectors"),
	injectorCount: whole(1, 16),
	openingsPerCycle: whole(1, 16),
	/** At the pump's own terminals. */
	lowV: figure("voltage", 6, 16, "V"),
	runningV: figure("voltage", 6, 16, "V"),
	highV: figure("voltage", 6, 16, "V"),
	/** Reid vapour pressure of the fuel as bought, its ethanol included. */
	reidPa: figure("pressure", 1e4, 12e4, "Pa"),
	/** Highest place it shall run. */
	altitudeM: figure("distance", -400, 5e3, "m"),
	/** Hottest fuel in the tank. */
	hotFuelK: figure("temperature", 273.15, 353.15, "K"),
	/** Fuel level above the pump's inlet with the tank low; negative where the pump has to lift. */
	inletHeadM: figure("bore", -2, 2, "m"),
	/** How long the controller runs the pump at key-on. */
	primeS: figure("time", 0, 30, "s"),
	railM3: figure("volume", 0, .002, "m³"),
	tank: FUEL_TANK,
	safety: SAFETY
});
// packages/core/src/parts/wireSizes.ts
/** Resistivity of annealed copper at 293.15 K, ohm·m: IEC 60028. */
const RHO = 1.7241e-8;
/** mm² and mohm/m. */
const METRIC = [
	[.35, 54.4],
	[.5, 37.1],
	[.75, 24.7],
	[1, 18.5],
	[1.5, 12.7],
	[2, 9.42],
	[2.5, 7.6],
	[3, 6.15],
	[4, 4.71],
	[6, 3.14],
	[8, 2.38],
	[10, 1.82],
	[16, 1.16],
	[20, .955],
	[25, .743],
	[35, .527],
	[50, .368]
];
/** Printed size and n of d = 0.127 mm x 92^((36 - n)/39). */
const AWG = [
	["22", 22],
	["20", 20],
	["18", 18],
	["16", 16],
	["14", 14],
	["12", 12],
	["10", 10],
	["8", 8],
	["6", 6],
	["4", 4],
	["2", 2],
	["1", 1],
	["0", 0],
	["2/0", -1]
];
/** Printed size and mm² of SAE J1128. */
const SAE = [
	["22", .35],
	["20", .5],
	["18", .8],
	["16", 1],
	["14", 2],
	["12", 3],
	["10", 5],
	["8", 8],
	["6", 13],
	["4", 19],
	["2", 32],
	["1", 40],
	["0", 50]
];
const STRANDED = 1.02;
const SAE_OVER_NOMINAL = 1.09;
/** Area of an AWG size, m²: ASTM B258. */
const awgM2 = (n) => Math.PI / 4 * (127e-6 * 92 ** ((36 - n) / 39)) ** 2;
const WIRE_SIZES = [
	...METRIC.map(([mm2, mohm]) => ({
		id: `mm2-${mm2}`,
		words: `${mm2} mm²`,
		sectionM2: mm2 * 1e-6,
		ohmPerM: mohm * .001,
		source: "standard, from memory"
	})),
	...AWG.map(([name, n]) => ({
		id: `awg-${name.replace("/", "-")}`,
		words: `AWG ${name}`,
		sectionM2: awgM2(n),
		ohmPerM: STRANDED * RHO / awgM2(n),
		source: "computed"
	})),
	...SAE.map(([name, mm2]) => ({
		id: `sae-${name}`,
		words: `SAE ${name} (${mm2} mm²)`,
		sectionM2: mm2 * 1e-6,
		ohmPerM: SAE_OVER_NOMINAL * RHO / (mm2 * 1e-6),
		source: "typical, from memory"
	}))
];
const wireSizeOf = (id) => WIRE_SIZES.find((s) => s.id === id);
const WIRE_SIZE_IDS = WIRE_SIZES.map((s) => s.id);
// packages/core/src/sections/power.ts
/** Every wire that the design names, from the battery on. */
const WIRE_ROLES = [
	"starterCable",
	"batteryEarth",
	"engineStrap",
	"bodyStrap",
	"chargeCable",
	"oldFeed",
	"lightsFeed",
	"ignitionFeed",
	"ecuFeed",
	"ecuEarth",
	"keyedFeed",
	"pumpFeed",
	"pumpEarth",
	"fanFeed",
	"fanEarth"
];
const [firstSize, ...sizes] = WIRE_SIZE_IDS;
/** One wire, one way. Null: not measured or not decided yet. */
const POWER_WIRE = group({
	lengthM: figure("distance", .05, 20, "m"),
	size: word(firstSize, ...sizes),
	/** How its two terminals look. */
	joints: word("good", "fair", "poor", "rusty"),
	ambient: word("cabin", "bay", "hot"),
	insulation: word("xlpe", "pvc"),
	/** Wires of its bundle that carry current at the same time, itself among them. */
	loadedWires: whole(1, 20),
	fuseA: figure("current", 1, 300, "A"),
	/** End to end with the starter turning: it decides over length and size. */
	crankDropV: figure("voltage", 0, 12, "V")
});
/** What a generator gives at a speed of its own shaft. */
const OUTPUT_POINT = group({
	speedRpm: figure("engineSpeed", 0, 2e4, "rpm of its own shaft"),
	currentA: figure("current", 0, 300, "A")
});
/** An old wire that comes alive with the key, as a meter found it. */
const KEYED_WIRE = group({
	name: name$1(60),
	/** Key off, key on, and with the starter turning; the battery's own terminals in that same start. */
	offV: figure("voltage", 0, 16, "V"),
	runV: figure("voltage", 0, 16, "V"),
	startV: figure("voltage", 0, 16, "V"),
	postsV: figure("voltage", 0, 16, "V")
});
/** One position of the old fuse box. */
const BOX_POSITION = group({
	name: name$1(40),
	/** What hangs on it; empty where nothing does. */
	feeds: text(80),
	live: word("always", "run", "run-and-start", "lights"),
	ratingA: figure("current", 1, 100, "A")
});
/** Where the return of a sensor goes; a thermistor may by mistake go to the 5 V reference. */
const RETURNS = [
	"ecu",
	"block",
	"head",
	"body",
	"battery"
];
const THERMISTOR_RETURNS = [...RETURNS, "reference"];
/** The car's supply as found, and how the conversion is fed and earthed. */
const POWER$1 = group({
	battery: group({
		/** By which its cold-crank current was measured. */
		standard: word("en", "sae"),
		/** Where it shall be; null: where it is. */
		place: word("bay", "boot", "under-seat")
	}),
	generator: group({
		/** At its terminal, warm. */
		regulatorV: figure("voltage", 12, 16, "V"),
		/** Of its own shaft. */
		cutInRpm: figure("engineSpeed", 300, 4e3, "rpm of its own shaft"),
		output: listOf(OUTPUT_POINT, 12, "point"),
		/** Where its output cable ends. */
		joins: word("starter-stud", "old-main", "battery")
	}),
	old: group({
		bulkheadConnector: seen,
		fusibleLink: seen,
		/** Full: battery, keyed feed and generator field together. */
		killSwitch: word("none", "battery", "ignition", "full"),
		/** A charging lamp between ignition and the generator's field. */
		chargeLamp: seen,
		keyedWires: listOf(KEYED_WIRE, 12, "keyed wire"),
		box: listOf(BOX_POSITION, 24, "position")
	}),
	starter: group({ powerW: figure("heat", 300, 6e3, "W") }),
	design: group({
		ecuFeed: always([
			"battery",
			"starter-stud",
			"kill-switch",
			"old-main",
			"ignition"
		]),
		ecuEarth: always([
			"battery",
			"block",
			"head",
			"body"
		]),
		keyedFeed: always([
			"relay",
			"run-and-start",
			"run-only",
			"after-ballast"
		]),
		pumpFeed: always([
			"battery",
			"starter-stud",
			"old-main"
		]),
		pumpEarth: always([
			"body",
			"battery",
			"frame"
		]),
		/** Whether ECU and pump have a relay each. */
		relays: always(["separate", "shared"]),
		fan: word("none", "relay", "old-switch"),
		heaterFeed: always([
			"keyed",
			"pump-relay",
			"constant"
		]),
		gaugesFeed: always(["ignition", "pump-relay"]),
		/** Crank and cam pick-ups, knock and Hall sensors. */
		pickUpFeed: always([
			"ecu",
			"own-branch",
			"coil-branch"
		]),
		/** Battery away from the engine: posts for a helper battery and a timing light. */
		jumpPosts: seen,
		/** What makes the pump stop with the engine. */
		pumpCut: always(["ecu", "oil-pressure"]),
		/** What feeds the ignition coils. */
		coilFeed: always(["key", "relay"]),
		/** Which side of the fan relay's coil the ECU switches. */
		fanTrigger: always(["earth", "positive"]),
		/** Across the relay coils. */
		damping: always([
			"none",
			"diode",
			"resistor"
		]),
		/** A diode in the lead of the charging lamp. */
		lampDiode: seen
	}),
	loads: group({
		ecuW: figure("heat", 1, 200, "W"),
		headlampsW: figure("heat", 0, 500, "W"),
		sideLampsW: figure("heat", 0, 200, "W"),
		blowerA: figure("current", 0, 40, "A"),
		wipersA: figure("current", 0, 30, "A"),
		ignitionA: figure("current", 0, 30, "A"),
		fanA: figure("current", 1, 60, "A"),
		heaterW: figure("heat", 1, 100, "W"),
		gaugesA: figure("current", 0, 10, "A"),
		/** Key off. */
		restA: figure("current", 0, 2, "A")
	}),
	relay: group({
		/** Both at 20 °C. */
		pullInV: figure("voltage", 3, 11, "V"),
		dropOutV: figure("voltage", .5, 8, "V"),
		coilOhm: figure("resistance", 30, 400, "ohm"),
		/** Of its coil in a hot bay. */
		coilK: figure("temperature", 253.15, 398.15, "K")
	}),
	/** Where the return of each sensor goes. */
	sensors: group({
		coolant: always(THERMISTOR_RETURNS),
		air: always(THERMISTOR_RETURNS),
		manifold: always(RETURNS),
		throttle: always(RETURNS),
		oxygen: always(RETURNS)
	}),
	/** Least mean speed of the crank that starts it. */
	leastCrankRpm: figure("engineSpeed", 40, 300, "rpm"),
	wires: group({
		starterCable: POWER_WIRE,
		batteryEarth: POWER_WIRE,
		engineStrap: POWER_WIRE,
		bodyStrap: POWER_WIRE,
		chargeCable: POWER_WIRE,
		oldFeed: POWER_WIRE,
		lightsFeed: POWER_WIRE,
		ignitionFeed: POWER_WIRE,
		ecuFeed: POWER_WIRE,
		ecuEarth: POWER_WIRE,
		keyedFeed: POWER_WIRE,
		pumpFeed: POWER_WIRE,
		pumpEarth: POWER_WIRE,
		fanFeed: POWER_WIRE,
		fanEarth: POWER_WIRE
	})
});
// packages/core/src/sections/system.ts
/** One way of building the system, without the parts. */
const ARCHITECTURE = group({
	injection: always([
		"throttle-body-low",
		"throttle-body-high",
		"port"
	]),
	/** From single parts, as a kit made for this very engine, or on another manifold with the right pad. */
	build: always([
		"from-parts",
		"ready-kit",
		"other-manifold"
	]),
	firing: always(["batch", "sequential"]),
	timing: always([
		"none",
		"controlled-distributor",
		"locked-distributor",
		"crank-trigger"
	]),
	/** Where the controller takes engine speed and position from. */
	trigger: always([
		"coil",
		"distributor",
		"crank-wheel",
		"crank-and-cam"
	]),
	oxygenSensors: numeral(1, 2),
	fuelLoop: always(["return", "single-line"]),
	pumpPlace: always(["in-tank", "in-line"])
});
/** What the owner wants of the conversion, and what was chosen for it. */
const SYSTEM = group({
	powerLaterW: figure("power", 1e3, 2e6, "W"),
	boostLaterPa: figure("pressure", 0, 35e4, "Pa"),
	/** 1 (as cheap as will do) to 5 (whatever it takes). */
	budgetClass: whole(1, 5, "from cheap to expensive"),
	originality: word("looks-stock", "can-be-undone", "free"),
	welder: word("self", "shop", "none"),
	timingControl: word("wanted", "later", "no"),
	gearboxControl: seen,
	fanControl: seen,
	/** Ids of the candidates laid side by side, at most three. */
	compared: setOf(text(120), 3),
	chosen: maybe(ARCHITECTURE),
	/** The controller, once picked; the job's own copy. */
	controller: part()("controllers"),
	reason: text(2e3)
});
// packages/core/src/sections/vehicle.ts
/** The car and what its engine shall do. */
const VEHICLE$1 = group({
	title: name$1(80),
	year: whole(1885, 2100),
	layout: word("inline", "vee", "flat"),
	cylinders: whole(1, 16),
	displacementM3: figure("displacement", 1e-4, .03, "m³"),
	aspiration: always([
		"natural",
		"supercharged",
		"turbocharged"
	]),
	powerW: figure("power", 1e3, 2e6, "W"),
	powerBasis: always([
		"flywheel-net",
		"flywheel-gross",
		"wheels"
	]),
	powerSpeedRpm: figure("engineSpeed", 500, 12e3, "rpm"),
	/** Manifold pressure above ambient at full power; 0 unblown. */
	boostPa: figure("pressure", 0, 35e4, "Pa"),
	idleSpeedRpm: figure("engineSpeed", 200, 2500, "rpm"),
	/** Absolute. */
	idleManifoldPa: figure("pressure", 15e3, 101325, "Pa absolute"),
	cruiseSpeedRpm: figure("engineSpeed", 500, 8e3, "rpm"),
	/** Absolute. */
	cruiseManifoldPa: figure("pressure", 2e4, 101325, "Pa absolute")
});
// packages/core/src/sections/walkAround.ts
const CYLINDERS = numbered(16);
/** What the tests of "fit to convert?" gave; of each cylinder one figure, in number order. */
const TESTS = group({
	/** One figure a cylinder, in number order; gauge. */
	compressionPa: seats(figure("compression", 0, 3e6, "Pa"), CYLINDERS, "figure"),
	/** One share a cylinder. */
	leakDownShare: seats(figure("share", 0, 1, "share"), CYLINDERS, "figure"),
	idleVacuumPa: figure("vacuum", 0, 95e3, "Pa below ambient"),
	idleNeedle: word("steady", "flicks-regularly", "wanders"),
	exhaustLeak: word("none", "pin-hole", "open-joint"),
	smoke: word("none", "on-start", "on-overrun", "always"),
	plugs: word("even-tan", "one-differs", "sooty", "oily"),
	misfire: word("none", "under-load", "at-idle"),
	chainSlackDeg: figure("angle", 0, 60, "degrees of crank"),
	fuelAgeS: figure("age", 0, 32e8, "s"),
	restingV: figure("voltage", 0, 16, "V"),
	crankingPostV: figure("voltage", 0, 16, "V"),
	crankingRemoteV: figure("voltage", 0, 16, "V"),
	crankingPlusDropV: figure("voltage", 0, 16, "V"),
	crankingGroundDropV: figure("voltage", 0, 16, "V"),
	crankingA: figure("current", 0, 2e3, "A"),
	crankingRpm: figure("engineSpeed", 0, 1e3, "rpm"),
	idleChargingV: figure("voltage", 0, 20, "V"),
	rippleV: figure("voltage", 0, 10, "V"),
	coolantFlow: word("brisk", "weak", "none"),
	thermostatOpens: word("at-its-figure", "early-or-late", "stuck"),
	shaftPlayM: figure("bore", 0, .01, "m"),
	linkagePlay: word("none", "some", "sticks"),
	tankInside: word("clean", "dust", "rust", "old-sealant")
});
/** What stands on the car before anything is bought. Nothing is known until somebody has looked. SI. */
const WALK_AROUND = group({
	body: group({
		style: word("saloon", "coupe", "open", "estate", "van", "pickup", "off-road"),
		massKg: figure("mass", 200, 6e3, "kg"),
		drive: word("rear", "front", "all")
	}),
	engine: group({
		boreM: figure("bore", .03, .2, "m"),
		strokeM: figure("bore", .03, .2, "m"),
		compressionRatio: figure("ratio", 3, 16, ""),
		/** Cylinder numbers in the order they fire, e.g. "1-5-3-6-2-4". */
		firingOrder: entered$1(60),
		numberedFrom: word("front", "bulkhead"),
		condition: word("fresh", "sound", "tired")
	}),
	intake: group({
		manifold: word("single-plane", "two-plane", "log", "separate-runners"),
		pad: word("one-barrel", "two-barrel", "four-barrel", "spread-bore", "side-draught"),
		divider: word("full", "cut", "open"),
		metal: word("iron", "aluminium")
	}),
	ignition: group({
		kind: word("points", "breakerless", "external-box", "controlled-distributor", "crank-triggered"),
		advance: word("mechanical", "mechanical-and-vacuum", "fixed"),
		coilResistor: seen,
		suppressedLeads: seen
	}),
	cooling: group({
		fan: word("belt", "electric"),
		thermostatK: figure("temperature", 323.15, 383.15, "K"),
		sparePort: word("flowing", "dead-end", "none"),
		gauge: word("electric", "capillary", "lamp", "none")
	}),
	gearbox: group({
		kind: word("manual", "manual-overdrive", "automatic"),
		linkage: word("rod", "cable", "hydraulic"),
		kickdown: word("none", "rod", "cable", "electric", "throttle-valve-cable"),
		electronic: seen
	}),
	exhaust: group({
		manifold: word("cast", "tubular"),
		merge: word("one", "per-bank", "banks-joined"),
		primaryLengthM: figure("distance", 0, 3, "m"),
		pipeDiameterM: figure("bore", .015, .15, "m"),
		/** From the merge to the open end. */
		tailLengthM: figure("distance", 0, 8, "m"),
		/** The other bank, where it has a pipe of its own. */
		otherPipeDiameterM: figure("bore", .015, .15, "m"),
		otherTailLengthM: figure("distance", 0, 8, "m"),
		catalyst: seen
	}),
	tank: group({
		volumeM3: figure("volume", .002, .4, "m³"),
		depthM: figure("bore", .03, 1, "m"),
		shape: word("flat", "upright", "saddle", "round"),
		sender: word("float-arm", "tube", "none"),
		place: word("under-boot", "in-boot", "behind-seat", "under-seat", "front"),
		gapAboveM: figure("bore", 0, 1, "m"),
		baffle: seen,
		vent: word("vented-cap", "pipe", "canister"),
		lining: word("bare-steel", "terne", "sealed", "aluminium", "plastic")
	}),
	lines: group({
		feed: word("hard-line", "hose", "none"),
		feedBoreM: figure("bore", .002, .03, "m"),
		returnLine: seen,
		returnBoreM: figure("bore", .002, .03, "m"),
		condition: word("clean", "rusty", "patched")
	}),
	battery: group({
		place: word("bay", "boot", "under-seat"),
		systemV: word("6", "12"),
		earth: word("negative", "positive"),
		capacityC: figure("charge", 3600, 108e4, "C (1 Ah = 3600 C)"),
		ageS: figure("age", 0, 16e8, "s"),
		coldCrankA: figure("current", 50, 2e3, "A"),
		/** Coldest air it shall start in. */
		coldestStartK: figure("temperature", 233.15, 313.15, "K")
	}),
	charging: group({
		kind: word("dynamo", "alternator"),
		ratedA: figure("current", 5, 400, "A"),
		/** Generator speed over crank speed. */
		pulleyRatio: figure("ratio", .5, 5, "")
	}),
	earths: group({
		batteryToEngine: seen,
		engineToBody: seen,
		batteryToBody: seen,
		condition: word("bright", "corroded")
	}),
	wiring: group({
		state: word("sound", "altered", "brittle"),
		freeFuses: whole(0, 40),
		ammeter: seen
	}),
	bonnet: group({
		/** Carburettor pad to the top of the air cleaner. */
		stackM: figure("bore", 0, 1, "m"),
		/** Between that and the closed bonnet. */
		gapM: figure("bore", 0, 1, "m")
	}),
	cabin: group({
		controllerPlace: word("under-dash", "under-seat", "boot", "bay-only"),
		bulkheadHoleM: figure("bore", 0, .2, "m")
	}),
	tests: TESTS
});
// packages/core/src/sections/work.ts
/** How far a job has come, in the order of the work. */
const WORK_STATES = [
	"asked",
	"surveyed",
	"designed",
	"parts-ordered",
	"in-build",
	"started",
	"handed-over"
];
const WORK_STATE_WORDS = {
	asked: "Enquiry",
	surveyed: "Surveyed",
	designed: "Designed",
	"parts-ordered": "Parts ordered",
	"in-build": "In build",
	started: "Started",
	"handed-over": "Handed over"
};
/** Ids of the stations that have a bench, in the order of the work; the registry of the stations is held against them. */
const STATIONS = [
	"walkAround",
	"system",
	"fuel",
	"exhaust",
	"power"
];
// packages/core/src/job/jobDocument.ts
/**
* One job: its sections in the order of the work. Nothing derived is ever stored in it. Type, schema, paths, ranges and
* the empty job follow from this tree.
*/
const JOB = group({
	vehicle: VEHICLE$1,
	walkAround: WALK_AROUND,
	system: SYSTEM,
	fuel: FUEL$2,
	exhaust: EXHAUST$1,
	power: POWER$1,
	work: group({
		state: always(WORK_STATES),
		/** Who has it. */
		personId: reference("a person"),
		/** What keeps it from going on, in the workshop's words; empty for nothing. */
		heldBy: text(200),
		/** Stations whose work on the car is done. */
		built: setOf(word(...STATIONS), STATIONS.length)
	})
});
Object.keys(JOB.fields);
/** A job of which nothing is known but its title. */
const emptyJob = (title) => {
	const job = emptyOf(JOB);
	return {
		...job,
		vehicle: {
			...job.vehicle,
			title
		}
	};
};
/** The figure at a path of the document, e.g. "fuel.feed.legs.{id}.lengthM"; null where the path is none of a figure. */
const figureAt = (path) => {
	const node = nodeAt(JOB, path);
	return node?.is === "figure" ? node : null;
};
// packages/core/src/stations/fuel/test/jobs.ts
const LH = 1 / 36e5;
const pump = (id, freeLH, shutKPa) => ({
	id,
	name: `Pump ${id}`,
	priceClass: 2,
	mount: "in-line",
	works: "turbine",
	reliefPa: null,
	noiseClass: 3,
	hangerM: null,
	hatHeightM: null,
	tables: [12, 13.5].map((voltageV) => ({
		voltageV,
		points: [
			0,
			.3,
			.6,
			.9
		].map((s) => ({
			pressurePa: s * shutKPa * 1e3,
			flowM3S: freeLH * LH * (1 - s ** 1.4) * (voltageV / 13.5),
			currentA: 3 + 3 * s
		}))
	}))
});
const hose = (id, boreMm, mostKPa = 1500) => ({
	id,
	name: `Hose ${id}`,
	priceClass: 2,
	kind: "lined-hose",
	boreM: boreMm / 1e3,
	roughnessM: 2e-6,
	mostPressurePa: mostKPa * 1e3,
	mostEthanolShare: 1,
	dash: {
		5: 4,
		7: 5,
		8: 6,
		9: 6
	}[boreMm] ?? null,
	outsideM: (boreMm + 5) / 1e3,
	leastBendRadiusM: .05,
	stockM: 3,
	immersible: false,
	conductive: true
});
const regulator = (id, type, openKPa) => ({
	id,
	name: `Regulator ${id}`,
	priceClass: 2,
	type,
	leastPa: 5e4,
	mostPa: 6e5,
	fullOpen: {
		flowM3S: 150 * LH,
		dropPa: openKPa * 1e3
	},
	slopePaPerM3S: 2e8,
	referencePort: true,
	sits: type === "return" ? "rail" : "tank",
	mostPressurePa: 15e5
});
const filter = (id, use, micron) => ({
	id,
	name: `Filter ${id}`,
	priceClass: 1,
	use,
	finenessM: micron * 1e-6,
	flowM3S: 200 * LH,
	dropPa: use === "fine" ? 7e3 : 1e3,
	linearShare: .8,
	dueFactor: 3,
	capacityKg: null,
	mount: "in-line",
	directional: true,
	mostPressurePa: 1e6
});
const injector = (id, ccMin) => ({
	id,
	name: `Injector ${id}`,
	priceClass: 1,
	use: "port",
	ratedFlowM3S: ccMin * (1e-6 / 60),
	ratedPressurePa: 3e5,
	deadTimeS: 9e-4,
	deadTimes: [],
	leastEffectiveS: null,
	mostPressurePa: 6e5
});
const fitting = (id, angleDeg) => ({
	id,
	name: `Fitting ${id}`,
	priceClass: 2,
	make: "reusable",
	dash: 6,
	angleDeg,
	thread: "9/16-18 UNF, 37° flare",
	fits: ["lined-hose"],
	lossK: angleDeg === 0 ? .2 : .5,
	takesUpM: .025,
	mostPressurePa: 2e6
});
/** A small catalogue of round figures. */
const catalogue = {
	pumps: [
		pump("small", 60, 600),
		pump("middle", 160, 700),
		pump("large", 300, 800)
	],
	injectors: [
		injector("200", 200),
		injector("300", 300),
		injector("450", 450)
	],
	hoses: [
		hose("5", 5),
		hose("7", 7),
		hose("9", 9),
		hose("weak", 8, 350)
	],
	filters: [
		filter("mesh", "strainer", 80),
		filter("ten", "fine", 10),
		filter("hundred", "fine", 100)
	],
	regulators: [regulator("r", "return", 4), regulator("s", "single-line", 15)],
	fittings: [fitting("end-6", 0), fitting("end-6-90", 90)],
	controllers: [],
	sensors: [],
	bungs: []
};
const line$2 = (hoseOf, riseM) => ({
	hose: hoseOf,
	measuredBoreM: null,
	lengthM: 4,
	riseM,
	bends90: 3,
	bends45: 0,
	connectors: 2,
	legs: []
});
/** A sound 2.5 L port-injected six; changes go on top. */
const soundJob = (fuel = {}, vehicle = {}) => {
	const empty = emptyJob("Test");
	return {
		...empty,
		vehicle: {
			...empty.vehicle,
			cylinders: 6,
			displacementM3: .0025,
			powerW: 92e3,
			powerSpeedRpm: 5200,
			...vehicle
		},
		fuel: {
			...empty.fuel,
			injectionPlace: "port",
			setPressurePa: 3e5,
			referenced: true,
			pump: catalogue.pumps[1],
			regulator: catalogue.regulators[0],
			strainer: catalogue.filters[0],
			filter: catalogue.filters[1],
			feed: line$2(catalogue.hoses[1], .4),
			return: line$2(catalogue.hoses[1], -.4),
			injector: catalogue.injectors[0],
			injectorCount: 6,
			openingsPerCycle: 1,
			lowV: 12,
			suction: {
				...line$2(catalogue.hoses[2], -.1),
				lengthM: .4,
				bends90: 1
			},
			vent: {
				...line$2(catalogue.hoses[1], 0),
				lengthM: 1.5
			},
			inletHeadM: .1,
			tank: {
				...empty.fuel.tank,
				rollOverValve: true,
				ventLoop: true,
				ventEnds: "outside-down"
			},
			safety: {
				stopsWithEngine: true,
				inertiaSwitch: true,
				fused: true
			},
			...fuel
		}
	};
};
// packages/core/src/stations/power/test/powered.ts
/** A job whose supply is as it should be: new battery, straps bright, an alternator that covers everything at idle. */
const poweredJob = (places = {}, design = {}) => {
	const job = Object.entries({
		"fuel.lowV": null,
		"fuel.runningV": null,
		"fuel.highV": null,
		"vehicle.cylinders": 4,
		"vehicle.displacementM3": .002,
		"vehicle.idleSpeedRpm": 850,
		"walkAround.battery.systemV": "12",
		"walkAround.battery.earth": "negative",
		"walkAround.battery.place": "bay",
		"walkAround.battery.capacityC": 216e3,
		"walkAround.battery.coldCrankA": 540,
		"walkAround.battery.ageS": 3e7,
		"walkAround.battery.coldestStartK": 268.15,
		"walkAround.tests.restingV": 12.65,
		"walkAround.charging.kind": "alternator",
		"walkAround.charging.ratedA": 70,
		"walkAround.charging.pulleyRatio": 2.6,
		"walkAround.earths.batteryToEngine": true,
		"walkAround.earths.engineToBody": true,
		"walkAround.earths.batteryToBody": true,
		"walkAround.earths.condition": "bright",
		"power.battery.standard": "en",
		"power.wires.pumpFeed.lengthM": 4,
		"power.wires.pumpFeed.size": "mm2-2.5",
		...places
	}).reduce((j, [path, value]) => withValueAt(j, path, value), soundJob());
	return {
		...job,
		power: {
			...job.power,
			design: {
				...job.power.design,
				...design
			}
		}
	};
};
// packages/core/src/verdict/plainVerdict.ts
/** The parts of a verdict that a plain one leaves empty. */
const plain = {
	figureName: "",
	figure: null,
	limitName: "",
	limit: null,
	margin: null,
	pointId: null,
	workings: []
};
// packages/core/src/quantity/clock.ts
/** Degrees from the top line, clockwise, of an hour of the clock. */
const DEG_PER_HOUR = 30;
const HOURS = [
	"twelve",
	"one",
	"two",
	"three",
	"four",
	"five",
	"six",
	"seven",
	"eight",
	"nine",
	"ten",
	"eleven"
];
const HOUR = `(\\d{1,2}|${HOURS.join("|")})`;
new RegExp(`^(?:a\\s+)?(half|quarter)\\s+(past|to)\\s+${HOUR}(?:\\s*o['’]?\\s*clock)?$`, "i");
new RegExp(`^${HOUR}\\s*o['’]?\\s*clock$`, "i");
const degOf = (hours) => (hours * DEG_PER_HOUR % 360 + 360) % 360;
/** The clock position nearest to an angle, to the half hour: "half past one", "3 o’clock"; "about" where it is another. */
const clockWords = (deg) => {
	const halves = Math.round(degOf(deg / DEG_PER_HOUR) / (DEG_PER_HOUR / 2)) % 24;
	const hour = Math.floor(halves / 2);
	const words = halves % 2 === 1 ? `half past ${HOURS[hour]}` : `${hour === 0 ? 12 : hour} o’clock`;
	return Math.abs((deg - halves * (DEG_PER_HOUR / 2) + 540) % 360 - 180) < .5 ? words : `about ${words}`;
};
/** A clock position for reading: "half past one (45°)". */
const formatClock = (deg) => `${clockWords(deg)} (${Math.round(degOf(deg / DEG_PER_HOUR)) % 360}°)`;
// packages/core/src/quantity/units.ts
const INCH_M = .0254;
const PSI_PA = 6894.757293168361;
const US_GALLON_M3 = .003785411784;
const IMPERIAL_GALLON_M3 = .00454609;
const HOUR_S = 3600;
const DAY_S = 24 * HOUR_S;
/** Julian year, as the SI brochure's astronomical unit of time. */
const YEAR_S$1 = 365.25 * DAY_S;
const POUND_KG = .45359237;
const unit = (id, label, factor, decimals, spellings, offset = 0) => ({
	id,
	label,
	factor,
	decimals,
	spellings,
	offset
});
const PRESSURES = {
	kPa: unit("kPa", "kPa", 1e3, 1, ["kpa"]),
	psi: unit("psi", "psi", PSI_PA, 1, [
		"psi",
		"psig",
		"lb/in2",
		"lbf/in2"
	]),
	bar: unit("bar", "bar", 1e5, 2, ["bar"]),
	mbar: unit("mbar", "mbar", 100, 0, ["mbar"]),
	pa: unit("Pa", "Pa", 1, 0, ["pa"]),
	inHg: unit("inHg", "in Hg", 3386.388640341, 1, [
		"inhg",
		"\"hg",
		"in.hg"
	]),
	mmHg: unit("mmHg", "mm Hg", 133.322387415, 0, ["mmhg"])
};
const LENGTHS$1 = {
	mm: (decimals) => unit("mm", "mm", .001, decimals, ["mm"]),
	cm: unit("cm", "cm", .01, 1, ["cm"]),
	m: unit("m", "m", 1, 2, [
		"m",
		"metre",
		"metres",
		"meter",
		"meters"
	]),
	in: (decimals) => unit("in", "in", INCH_M, decimals, [
		"in",
		"inch",
		"inches",
		"\"",
		"″"
	]),
	ft: unit("ft", "ft", 12 * INCH_M, 2, [
		"ft",
		"foot",
		"feet",
		"'",
		"′"
	]),
	thou: unit("thou", "thou", INCH_M / 1e3, 0, [
		"thou",
		"th",
		"mil",
		"mils"
	])
};
/**
* Units by family; the first is the metric default, the second the customary one where there is one.
* Factors are exact by definition (inch 25.4 mm, pound 0.45359237 kg, hundredweight 112 lb, standard gravity 9.80665 m/s²) except the
* millimetre and inch of mercury, which use the conventional 13595.1 kg/m³. Source: BIPM SI brochure, NIST SP 811.
*/
const UNITS = {
	pressure: [
		PRESSURES.kPa,
		PRESSURES.psi,
		PRESSURES.bar,
		PRESSURES.mbar,
		PRESSURES.pa,
		PRESSURES.inHg
	],
	vacuum: [
		PRESSURES.kPa,
		PRESSURES.inHg,
		PRESSURES.mmHg,
		PRESSURES.mbar,
		PRESSURES.bar,
		PRESSURES.psi
	],
	compression: [
		PRESSURES.bar,
		PRESSURES.psi,
		PRESSURES.kPa
	],
	volumeFlow: [
		unit("L/h", "L/h", .001 / HOUR_S, 1, [
			"l/h",
			"lph",
			"l/hr"
		]),
		unit("usgal/h", "US gal/h", US_GALLON_M3 / HOUR_S, 1, [
			"usgal/h",
			"usgph",
			"usgal/hr"
		]),
		unit("impgal/h", "imp gal/h", IMPERIAL_GALLON_M3 / HOUR_S, 1, [
			"impgal/h",
			"impgph",
			"impgal/hr"
		]),
		unit("L/min", "L/min", .001 / 60, 2, ["l/min", "lpm"]),
		unit("cc/min", "cc/min", 1e-6 / 60, 0, [
			"cc/min",
			"ccm",
			"ml/min",
			"cm3/min"
		])
	],
	bore: [
		LENGTHS$1.mm(1),
		LENGTHS$1.in(3),
		LENGTHS$1.thou,
		LENGTHS$1.cm,
		LENGTHS$1.m,
		LENGTHS$1.ft
	],
	distance: [
		LENGTHS$1.m,
		LENGTHS$1.ft,
		LENGTHS$1.cm,
		LENGTHS$1.mm(0),
		LENGTHS$1.in(1)
	],
	temperature: [
		unit("°C", "°C", 1, 0, [
			"c",
			"°c",
			"degc"
		], 273.15),
		unit("°F", "°F", 5 / 9, 0, [
			"f",
			"°f",
			"degf"
		], 273.15 - 160 / 9),
		unit("K", "K", 1, 0, ["k", "kelvin"])
	],
	voltage: [unit("V", "V", 1, 1, [
		"v",
		"volt",
		"volts"
	]), unit("mV", "mV", .001, 0, ["mv"])],
	power: [
		unit("kW", "kW", 1e3, 0, ["kw"]),
		unit("hp", "hp", 6600 * INCH_M * .45359237 * 9.80665, 0, ["hp", "bhp"]),
		unit("PS", "PS", 735.49875, 0, [
			"ps",
			"cv",
			"pk"
		]),
		unit("W", "W", 1, 0, ["w"])
	],
	displacement: [
		unit("L", "L", .001, 2, [
			"l",
			"litre",
			"litres",
			"liter",
			"liters"
		]),
		unit("cuin", "cu in", INCH_M ** 3, 0, [
			"cuin",
			"ci",
			"cid",
			"in3",
			"cu.in"
		]),
		unit("cc", "cm³", 1e-6, 0, [
			"cc",
			"cm3",
			"cm³"
		])
	],
	share: [unit("%", "%", .01, 0, [
		"%",
		"percent",
		"pct"
	])],
	engineSpeed: [unit("rpm", "rpm", 1, 0, [
		"rpm",
		"1/min",
		"rev/min",
		"/min"
	])],
	duration: [unit("ms", "ms", .001, 2, ["ms"]), unit("s", "s", 1, 2, ["s", "sec"])],
	count: [unit("1", "", 1, 0, [
		"",
		"x",
		"pcs"
	])],
	mass: [
		unit("kg", "kg", 1, 0, [
			"kg",
			"kilo",
			"kilos"
		]),
		unit("lb", "lb", POUND_KG, 0, [
			"lb",
			"lbs",
			"pound",
			"pounds"
		]),
		unit("cwt", "cwt", 112 * POUND_KG, 2, ["cwt", "hundredweight"]),
		unit("t", "t", 1e3, 2, [
			"t",
			"tonne",
			"tonnes"
		])
	],
	volume: [
		unit("L", "L", .001, 1, [
			"l",
			"litre",
			"litres",
			"liter",
			"liters"
		]),
		unit("usgal", "US gal", US_GALLON_M3, 1, [
			"usgal",
			"usgallon",
			"usgallons"
		]),
		unit("impgal", "imp gal", IMPERIAL_GALLON_M3, 1, [
			"impgal",
			"impgallon",
			"impgallons",
			"ukgal"
		]),
		unit("cc", "cm³", 1e-6, 0, [
			"cc",
			"cm3",
			"cm³",
			"ml"
		])
	],
	angle: [unit("deg", "°", 1, 0, [
		"°",
		"deg",
		"degrees",
		"degree"
	])],
	clock: [unit("deg", "°", 1, 0, [
		"°",
		"deg",
		"degrees",
		"degree"
	])],
	current: [unit("A", "A", 1, 0, [
		"a",
		"amp",
		"amps",
		"ampere"
	]), unit("mA", "mA", .001, 0, ["ma"])],
	charge: [unit("Ah", "Ah", 3600, 0, ["ah"])],
	age: [
		unit("months", "months", YEAR_S$1 / 12, 0, [
			"month",
			"months",
			"mo"
		]),
		unit("years", "years", YEAR_S$1, 1, [
			"y",
			"yr",
			"yrs",
			"year",
			"years"
		]),
		unit("weeks", "weeks", 7 * DAY_S, 0, [
			"week",
			"weeks",
			"wk"
		]),
		unit("days", "days", DAY_S, 0, ["day", "days"])
	],
	work: [unit("h", "h", HOUR_S, 1, [
		"h",
		"hr",
		"hours",
		"hour"
	]), unit("min", "min", 60, 0, ["min", "minutes"])],
	ratio: [unit("to1", ": 1", 1, 2, [":1", "to1"])],
	massFlow: [
		unit("g/s", "g/s", .001, 1, ["g/s"]),
		unit("kg/h", "kg/h", 1 / HOUR_S, 0, ["kg/h"]),
		unit("lb/min", "lb/min", POUND_KG / 60, 2, ["lb/min"]),
		unit("lb/h", "lb/h", POUND_KG / HOUR_S, 0, ["lb/h"])
	],
	resistance: [unit("ohm", "Ω", 1, 0, [
		"ohm",
		"ohms",
		"Ω",
		"ω"
	])],
	acceleration: [unit("g", "g", 9.80665, 2, ["g"]), unit("m/s2", "m/s²", 1, 1, ["m/s2", "m/s²"])],
	heat: [unit("W", "W", 1, 0, [
		"w",
		"watt",
		"watts"
	]), unit("kW", "kW", 1e3, 2, ["kw"])],
	heatLoss: [unit("W/K", "W/K", 1, 1, ["w/k", "w/°c"])],
	warming: [unit("K", "K", 1, 1, [
		"k",
		"°c",
		"c"
	]), unit("°F", "°F", 5 / 9, 1, ["f", "°f"])],
	lambda: [unit("lambda", "λ", 1, 3, [
		"λ",
		"lambda",
		"l"
	]), unit("afr", "AFR petrol", 1 / 14.7, 1, [
		"afr",
		"afrpetrol",
		":1",
		"to1"
	])],
	torque: [unit("Nm", "N m", 1, 0, [
		"nm",
		"n·m",
		"newtonmetres"
	]), unit("lbfft", "lbf ft", 53.37865938312599 * INCH_M, 0, [
		"lbfft",
		"lbft",
		"ft-lb",
		"ftlb"
	])],
	smallResistance: [unit("mohm", "mΩ", .001, 1, [
		"mohm",
		"mΩ",
		"mω",
		"milliohm"
	]), unit("ohm", "Ω", 1, 3, [
		"ohm",
		"ohms",
		"Ω",
		"ω"
	])],
	section: [unit("mm2", "mm²", 1e-6, 2, [
		"mm2",
		"mm²",
		"sqmm"
	]), unit("kcmil", "kcmil", 5.067e-7, 1, ["kcmil", "mcm"])],
	heatFilm: [unit("W/m2K", "W/(m² K)", 1, 0, ["w/m2k", "w/(m²k)"])],
	time: [unit("s", "s", 1, 1, ["s", "sec"]), unit("min", "min", 60, 1, ["min", "minutes"])]
};
Object.fromEntries([
	"gal/h",
	"gph",
	"gal/hr",
	"gallons/hour"
].map((s) => [s, ["usgal/h", "impgal/h"]])), Object.fromEntries([
	"gal",
	"gallon",
	"gallons"
].map((s) => [s, ["usgal", "impgal"]]));
/** The unit with this id in the family, or the family's first one. */
const unitOf = (family, id) => UNITS[family].find((u) => u.id === id) ?? UNITS[family][0];
const fromSi = (si, u) => (si - (u.offset ?? 0)) / u.factor;
// packages/core/src/quantity/formatQuantity.ts
const THIN_SPACE = " ";
const MINUS = "−";
/** More digits than this nobody trusts of a figure that was worked out. */
const TRUSTED_DIGITS = 3;
/** Decimals of a figure that was worked out: its unit's, less where that would be more than three digits. */
const trustedDecimals = (si, u) => {
	const magnitude = Math.abs(fromSi(si, u));
	if (!(magnitude > 0)) return u.decimals;
	const ahead = Math.floor(Math.log10(magnitude)) + 1;
	return Math.max(0, Math.min(u.decimals, TRUSTED_DIGITS - Math.max(1, ahead)));
};
/** The figure alone, in as many digits as can be trusted, with a true minus sign. */
const formatFigure = (si, u, decimals = trustedDecimals(si, u)) => {
	const text = fromSi(si, u).toFixed(decimals);
	const unsigned = text.replace(/^-/, "");
	return text.startsWith("-") && Number(unsigned) !== 0 ? MINUS + unsigned : unsigned;
};
/** Degrees of an angle stand at their figure, every other unit apart from it. */
const gapBefore = (u) => u.label === "" || u.label === "°" ? "" : THIN_SPACE;
/** The figure with its unit, for reading. */
const formatQuantity = (si, u, decimals = trustedDecimals(si, u)) => `${formatFigure(si, u, decimals)}${gapBefore(u)}${u.label}`;
// packages/core/src/outcome/result.ts
const ok = (value) => ({
	ok: true,
	value
});
const err = (error) => ({
	ok: false,
	error
});
// packages/core/src/verdict/sentenceText.ts
const MINUTES = UNITS.time.find((u) => u.id === "min");
/** From here on a time is said in minutes. */
const LONG_S = 120;
/** A figure in the reader's unit, in as many digits as can be trusted unless it says how many. */
const figureText = (f, units) => {
	if (f.family === "clock") return formatClock(f.si);
	if (f.family === "time" && Math.abs(f.si) >= LONG_S) return formatQuantity(f.si, MINUTES, f.si % 60 === 0 ? 0 : 1);
	return formatQuantity(f.si, unitOf(f.family, units[f.family]), f.decimals);
};
/** A sentence as plain text, its figures in these units. */
const sentenceText = (sentence, units) => sentence.map((part) => typeof part === "string" ? part : figureText(part, units)).join("");
// packages/core/src/verdict/verdict.ts
const fig = (si, family, decimals) => decimals === void 0 ? {
	si,
	family
} : {
	si,
	family,
	decimals
};
/** Tagged template: say`rail falls to ${fig(p, 'pressure')}`. Plain strings and sentences are taken in as they are. */
const say = (strings, ...values) => strings.flatMap((text, i) => {
	const value = values[i];
	if (value === void 0) return [text];
	return Array.isArray(value) ? [text, ...value] : [text, value];
});
const RANK = {
	stop: 0,
	caution: 1,
	unknown: 2,
	ok: 3
};
/** Worst first; equal states keep their order. */
const worstFirst = (verdicts) => [...verdicts].sort((a, b) => RANK[a.state] - RANK[b.state]);
const isWorse = (a, b) => RANK[a] < RANK[b];
/** The worst of all, ok when there is none. */
const worstState = (states) => states.reduce((worst, s) => isWorse(s, worst) ? s : worst, "ok");
// packages/core/src/power/battery/batteryModel.ts
/** How the cold-crank current on the label was measured, both at -18 °C; both from memory of the standards. */
const RATING_STANDARDS = {
	/** EN 50342-1: 7.5 V after 10 s. */
	en: {
		emfV: 12.6,
		endV: 7.5,
		words: "EN (7.5 V after 10 s)"
	},
	/** SAE J537: 7.2 V after 30 s. */
	sae: {
		emfV: 12,
		endV: 7.2,
		words: "SAE (7.2 V after 30 s)"
	}
};
/** Resting voltage of a 12 V lead-acid battery at 0, 25, 50, 75 and 100 %, V. Typical, from memory. */
const REST_V = [
	11.8,
	12,
	12.2,
	12.45,
	12.7
];
const RATED_K = 255.15;
const YEAR_S = 31557600;
/** Times a new battery's resistance by age: two to four times when old. Rule of thumb; straight between. */
const AGES = [
	[0, 1],
	[3, 1.2],
	[6, 2],
	[9, 3],
	[12, 4]
];
const agedFactor = (ageS) => {
	const years = ageS / YEAR_S;
	const i = AGES.findIndex(([y]) => y >= years);
	if (i < 0) return AGES.at(-1)[1];
	if (i === 0) return 1;
	const [[y0, f0], [y1, f1]] = [AGES[i - 1], AGES[i]];
	return f0 + (f1 - f0) * (years - y0) / (y1 - y0);
};
/** State of charge from the voltage at rest, 0 to 1. */
const chargeAtRest = (restingV) => {
	const i = REST_V.findIndex((v) => v >= restingV);
	if (i < 0) return 1;
	if (i === 0) return 0;
	return (i - 1 + (restingV - REST_V[i - 1]) / (REST_V[i] - REST_V[i - 1])) / 4;
};
/** Voltage at rest of a state of charge, V. */
const restAtCharge = (charge) => {
	const x = Math.min(1, Math.max(0, charge)) * 4;
	const i = Math.min(3, Math.floor(x));
	return REST_V[i] + (x - i) * (REST_V[i + 1] - REST_V[i]);
};
/** A battery that gives nothing is this, ohm. */
const MOST_OHM = 100;
/** Half a battery's charge makes it a quarter more resistive. Rule of thumb. */
const EMPTY_RESISTS = .5;
/** A battery that is nearly full takes little: ohms of charging by state of charge. Typical, from 1 to 40 A at 14.2 V. */
const CHARGE_OHM = [
	.035,
	.04,
	.06,
	.12,
	.6
];
/**
* A 12 V lead-acid battery as electromotive force behind a resistance. r(-18 °C) from its rating: (12.6 - 7.5 V)/I by EN,
* (12.0 - 7.2 V)/I by SAE, polarisation included; half of it at 25 °C, in even steps of temperature between and beyond; times
* its age, times its charge. Sources: EN 50342-1, SAE J537 (from memory); age and charge are rules of thumb.
*/
const batteryState = (b, trace) => {
	const { emfV, endV } = RATING_STANDARDS[b.standard];
	const coldOhm = (emfV - endV) / b.coldCrankA;
	const warmth = (b.temperatureK - RATED_K) / 42.99999999999997;
	const aged = agedFactor(b.ageS);
	const emptied = 1 + EMPTY_RESISTS * (1 - b.charge);
	const resistanceOhm = Math.min(MOST_OHM, coldOhm * .5 ** warmth * aged * emptied);
	trace?.step({
		symbol: "r18",
		meaning: "resistance at -18 °C when new, from its rating",
		formula: "(E - U)/I",
		inputs: {
			E: {
				value: emfV,
				unit: "V"
			},
			U: {
				value: endV,
				unit: "V"
			},
			I: {
				value: b.coldCrankA,
				unit: "A"
			}
		},
		result: coldOhm,
		unit: "Ω",
		source: b.standard === "en" ? "EN 50342-1, from memory" : "SAE J537, from memory"
	});
	trace?.step({
		symbol: "r",
		meaning: "at its temperature, age and charge",
		formula: "min(100, r18 * 0.5^((T - 255.15)/43) * a * c)",
		inputs: {
			r18: {
				value: coldOhm,
				unit: "Ω"
			},
			T: {
				value: b.temperatureK,
				unit: "K"
			},
			a: {
				value: aged,
				unit: "times by age"
			},
			c: {
				value: emptied,
				unit: "times by charge"
			}
		},
		result: resistanceOhm,
		unit: "Ω",
		source: "half at 25 °C, two to four times when old: rule of thumb"
	});
	const x = Math.min(1, Math.max(0, b.charge)) * 4;
	const i = Math.min(3, Math.floor(x));
	const takes = CHARGE_OHM[i] * (CHARGE_OHM[i + 1] / CHARGE_OHM[i]) ** (x - i);
	return {
		openCircuitV: restAtCharge(b.charge),
		resistanceOhm,
		chargeOhm: Math.max(takes, resistanceOhm)
	};
};
// packages/core/src/power/network/networkCase.ts
/** Annealed copper: IEC 60028. */
const COPPER = {
	resistivityOhmM: 1.7241e-8,
	coefficientPerK: .00393
};
/** Temperature that resistances, coils and thresholds are stated at, K. */
const REFERENCE_K = 293.15;
/** Set points of alternators are stated at it, K. */
const SET_POINT_K = 298.15;
/** A resistance of wire, closed contact, fuse or relay contact below this counts as this, ohm. */
const LEAST_OHM = 1e-6;
/** No conductance counts as more, S: at 100 A that is a microvolt, and currents keep their digits. */
const MOST_S = 1e8;
/** Every node leaks to the reference through it, so that none is undetermined, ohm. */
const LEAK_OHM = 1e9;
/** The lists of parts, in the order of the contract. */
const PART_LISTS = [
	"wires",
	"contacts",
	"fuses",
	"sources",
	"loads",
	"relays",
	"diodes"
];
/** Nodes that a part names, sense leads included. */
const nodesOf = (part) => {
	if ("from" in part) return [part.from, part.to];
	if ("anode" in part) return [part.anode, part.cathode];
	const also = (node) => node === void 0 ? [] : [node];
	if ("coilPos" in part) return [
		part.coilPos,
		part.coilNeg,
		part.common,
		...also(part.make),
		...also(part.break)
	];
	if (part.kind === "alternator") return [
		part.pos,
		part.neg,
		...also(part.sensePos),
		...also(part.senseNeg)
	];
	return [part.pos, part.neg];
};
/** What a `current` or `power` load works from where it gives no figure of its own, V. */
const DEFAULT_LEAST_V = {
	current: 1,
	power: 6
};
/** The least voltage a load is judged by; null where it gives none and its kind has none. */
const leastVOf = (load) => load.leastV ?? (load.kind === "current" || load.kind === "power" ? DEFAULT_LEAST_V[load.kind] : null);
// packages/core/src/power/network/elimination.ts
/** @param pairs nodes (0 to size-1) that something can join */
const elimination = (size, pairs) => {
	const near = Array.from({ length: size }, () => /* @__PURE__ */ new Set());
	for (const [a, b] of pairs) if (a !== b) {
		near[a].add(b);
		near[b].add(a);
	}
	const order = [];
	const place = new Int32Array(size);
	const left = new Set(near.keys());
	const later = [];
	while (left.size > 0) {
		let best = -1;
		for (const k of left) if (best < 0 || near[k].size < near[best].size) best = k;
		place[best] = order.length;
		order.push(best);
		const ring = [...near[best]];
		later.push(ring);
		left.delete(best);
		for (const i of ring) {
			near[i].delete(best);
			for (const j of ring) if (i !== j) near[i].add(j);
		}
	}
	const start = new Int32Array(size + 1);
	const ends = [];
	const edgeOf = /* @__PURE__ */ new Map();
	for (let k = 0; k < size; k++) {
		start[k] = ends.length;
		for (const i of later[k].map((node) => place[node]).sort((a, b) => a - b)) {
			edgeOf.set(k * size + i, ends.length);
			ends.push(i);
		}
	}
	start[size] = ends.length;
	const end = Int32Array.from(ends);
	const meets = [];
	for (let k = 0; k < size; k++) for (let p = start[k]; p < start[k + 1]; p++) for (let q = p + 1; q < start[k + 1]; q++) meets.push(edgeOf.get(end[p] * size + end[q]));
	const meet = Int32Array.from(meets);
	const edgeS = new Float64Array(ends.length);
	const groundS = new Float64Array(size);
	const weight = new Float64Array(ends.length);
	const inverse = new Float64Array(size);
	const ground = new Float64Array(size);
	const edge = new Float64Array(ends.length);
	const x = new Float64Array(size);
	return {
		size,
		edgeS,
		groundS,
		edgeAt: (a, b) => {
			const [k, i] = place[a] < place[b] ? [place[a], place[b]] : [place[b], place[a]];
			return edgeOf.get(k * size + i) ?? -1;
		},
		factor: () => {
			for (let k = 0; k < size; k++) ground[k] = groundS[order[k]];
			edge.set(edgeS);
			let at = 0;
			for (let k = 0; k < size; k++) {
				const [from, to] = [start[k], start[k + 1]];
				const own = ground[k];
				let sum = own;
				for (let p = from; p < to; p++) sum += edge[p];
				if (!(sum > 0)) return false;
				const inv = 1 / sum;
				inverse[k] = inv;
				for (let p = from; p < to; p++) {
					const w = edge[p] * inv;
					weight[p] = w;
					ground[end[p]] += w * own;
					for (let q = p + 1; q < to; q++) edge[meet[at++]] += w * edge[q];
				}
			}
			return true;
		},
		solve: (currentA) => {
			for (let k = 0; k < size; k++) x[k] = currentA[order[k]];
			for (let k = 0; k < size; k++) {
				const own = x[k];
				for (let p = start[k]; p < start[k + 1]; p++) x[end[p]] += weight[p] * own;
			}
			for (let k = size - 1; k >= 0; k--) {
				let v = x[k] * inverse[k];
				for (let p = start[k]; p < start[k + 1]; p++) v += weight[p] * x[end[p]];
				x[k] = v;
			}
			for (let k = 0; k < size; k++) currentA[order[k]] = x[k];
		}
	};
};
// packages/core/src/power/network/elements.ts
/**
* The laws of the elements of a circuit: current from `a` to `b` by the voltage between them, and its slope. All of them
* grow with the voltage, but for the true law of a constant-power load.
*/
const KIND = {
	/** (u - p0) * p1: wire, contact, resistance, coil, motor at a given speed. */
	straight: 0,
	/** (u - p0) * (u <= p0 ? p1 : p2): battery. */
	twoSlopes: 1,
	/** -min(p2, max(0, (p0 - u) * p1)): alternator that senses at its own terminals. */
	limited: 2,
	/** min(p0 * u, p1): load of constant current, or of constant power with its current given. */
	upTo: 3,
	/** The same, odd in u: settled pump. */
	upToEitherWay: 4,
	/** Lamp, hot: the smaller of p0 * u and p1 * u^p2, odd in u. */
	lamp: 5,
	/** Settled fan: p0 = Er, p1 = Ra * runA, p2 = runA; odd in u. */
	fan: 6,
	/** p0 forward voltage, p1 conductance, p2 clamp voltage (Infinity: none). */
	diode: 7,
	/** Constant power p1 from p2 volts on, p0 * u below: draws more as the voltage falls. */
	power: 8
};
/** Speed of a settled fan as a share of rated speed, from u = s Er + Ra runA s². */
const fanShare = (u, er, raRunV) => 2 * u / (er + Math.sqrt(er * er + 4 * raRunV * u));
/** Current through element `i` at `u` volts, A. */
const currentAt = (e, i, u) => {
	if (e.there[i] === 0) return 0;
	const p0 = e.p0[i];
	const p1 = e.p1[i];
	const p2 = e.p2[i];
	switch (e.kind[i]) {
		case KIND.straight: return (u - p0) * p1;
		case KIND.twoSlopes: return (u - p0) * (u <= p0 ? p1 : p2);
		case KIND.limited: return -Math.min(p2, Math.max(0, (p0 - u) * p1));
		case KIND.upTo: return Math.min(p0 * u, p1);
		case KIND.upToEitherWay: return Math.max(-p1, Math.min(p0 * u, p1));
		case KIND.lamp: {
			const v = Math.abs(u);
			const i0 = Math.min(p0 * v, p1 * Math.pow(v, p2));
			return u < 0 ? -i0 : i0;
		}
		case KIND.fan: {
			const s = fanShare(Math.abs(u), p0, p1);
			return u < 0 ? -p2 * s * s : p2 * s * s;
		}
		case KIND.diode: return u > p0 ? (u - p0) * p1 : u < -p2 ? (u + p2) * p1 : 0;
		default: return u >= p2 ? p1 / u : p0 * u;
	}
};
/** Slope of the same, S. */
const slopeAt = (e, i, u) => {
	if (e.there[i] === 0) return 0;
	const p0 = e.p0[i];
	const p1 = e.p1[i];
	const p2 = e.p2[i];
	switch (e.kind[i]) {
		case KIND.straight: return p1;
		case KIND.twoSlopes: return u <= p0 ? p1 : p2;
		case KIND.limited: {
			const raw = (p0 - u) * p1;
			return raw > 0 && raw < p2 ? p1 : 0;
		}
		case KIND.upTo: return p0 * u < p1 ? p0 : 0;
		case KIND.upToEitherWay: return Math.abs(p0 * u) < p1 ? p0 : 0;
		case KIND.lamp: {
			const v = Math.abs(u);
			if (v === 0) return p0;
			const hot = p1 * Math.pow(v, p2);
			return p0 * v <= hot ? p0 : hot * p2 / v;
		}
		case KIND.fan: {
			const s = fanShare(Math.abs(u), p0, p1);
			return 2 * p2 * s / (p0 + 2 * p1 * s);
		}
		case KIND.diode: return u > p0 || u < -p2 ? p1 : 0;
		default: return u >= p2 ? -p1 / (u * u) : p0;
	}
};
// packages/core/src/power/network/circuit.ts
const circuitOf = (size, elements, sensed) => {
	const pairs = [];
	for (let i = 0; i < elements.count; i++) {
		const a = elements.a[i];
		const b = elements.b[i];
		if (a >= 0 && b >= 0) pairs.push([a, b]);
	}
	const matrix = elimination(size, pairs);
	return {
		size,
		elements,
		sensed,
		matrix,
		edge: Int32Array.from({ length: elements.count }, (_, i) => {
			const a = elements.a[i];
			const b = elements.b[i];
			return a >= 0 && b >= 0 && a !== b ? matrix.edgeAt(a, b) : -1;
		}),
		slopeS: new Float64Array(elements.count).fill(NaN),
		residualA: new Float64Array(size),
		stepV: new Float64Array(size),
		trialV: new Float64Array(size),
		columns: sensed.map(() => new Float64Array(size))
	};
};
const LEAK_S = 1 / LEAK_OHM;
const at = (v, node) => node < 0 ? 0 : v[node];
/** Volts at the sense leads of a source. */
const sensedV = (s, v) => at(v, s.senseA) - at(v, s.senseB);
/** What a sensed source gives at that voltage, A. */
const sensedA = (s, u) => s.there ? Math.min(s.limitA, Math.max(0, (s.setV - u) / s.droopOhm)) : 0;
/**
* Current that is missing at each node, A: minus what leaves it. What one end loses the other gains to the last digit, so
* that elements of 1e-6 ohm add nothing to what the rest of the network sees.
* @param given currents of the sensed sources where they are held; else by their law
*/
const imbalance = (c, v, into, given) => {
	const { elements: e } = c;
	for (let k = 0; k < c.size; k++) into[k] = -1e-9 * v[k];
	for (let i = 0; i < e.count; i++) {
		if (e.there[i] === 0) continue;
		const a = e.a[i];
		const b = e.b[i];
		const u = (a < 0 ? 0 : v[a]) - (b < 0 ? 0 : v[b]);
		const current = e.kind[i] === KIND.straight ? (u - e.p0[i]) * e.p1[i] : currentAt(e, i, u);
		if (a >= 0) into[a] -= current;
		if (b >= 0) into[b] += current;
	}
	for (let s = 0; s < c.sensed.length; s++) {
		const source = c.sensed[s];
		const current = given ? given[s] : sensedA(source, sensedV(source, v));
		if (source.a >= 0) into[source.a] += current;
		if (source.b >= 0) into[source.b] -= current;
	}
};
/** Slopes of all elements at `v`; whether any differs, by more than a share, from what the matrix was taken apart with. */
const slopes = (c, v, share) => {
	const { elements: e, slopeS } = c;
	let other = false;
	for (let i = 0; i < e.count; i++) {
		let g = 0;
		if (e.there[i] !== 0) {
			const a = e.a[i];
			const b = e.b[i];
			g = e.kind[i] === KIND.straight ? e.p1[i] : slopeAt(e, i, (a < 0 ? 0 : v[a]) - (b < 0 ? 0 : v[b]));
		}
		const was = slopeS[i];
		if (g === was || Math.abs(g - was) <= share * Math.abs(was)) continue;
		slopeS[i] = g;
		other = true;
	}
	return other;
};
/** The matrix of the slopes, taken apart. False where it holds no solution. */
const takeApart = (c) => {
	const { elements: e, matrix, edge, slopeS } = c;
	matrix.edgeS.fill(0);
	matrix.groundS.fill(LEAK_S);
	for (let i = 0; i < e.count; i++) {
		const g = slopeS[i];
		if (g === 0) continue;
		const a = e.a[i];
		const b = e.b[i];
		const pair = edge[i];
		if (pair >= 0) matrix.edgeS[pair] += g;
		else if (a >= 0 && b < 0) matrix.groundS[a] += g;
		else if (b >= 0 && a < 0) matrix.groundS[b] += g;
	}
	if (matrix.factor()) return true;
	slopeS.fill(NaN);
	return false;
};
/** Small dense system, in place; false where it is singular. */
const solveDense = (m, x) => {
	const n = x.length;
	for (let k = 0; k < n; k++) {
		let pivot = k;
		for (let i = k + 1; i < n; i++) if (Math.abs(m[i][k]) > Math.abs(m[pivot][k])) pivot = i;
		if (!(Math.abs(m[pivot][k]) > 1e-300)) return false;
		[m[k], m[pivot]] = [m[pivot], m[k]];
		[x[k], x[pivot]] = [x[pivot], x[k]];
		for (let i = k + 1; i < n; i++) {
			const f = m[i][k] / m[k][k];
			for (let j = k; j < n; j++) m[i][j] -= f * m[k][j];
			x[i] -= f * x[k];
		}
	}
	for (let k = n - 1; k >= 0; k--) {
		for (let j = k + 1; j < n; j++) x[k] -= m[k][j] * x[j];
		x[k] /= m[k][k];
	}
	return true;
};
/** The step takes into account that sensed sources in their range follow the step (Woodbury). */
const withSensed = (c, v) => {
	const active = c.sensed.flatMap((s, i) => {
		const raw = (s.setV - sensedV(s, v)) / s.droopOhm;
		return s.there && raw > 0 && raw < s.limitA ? [i] : [];
	});
	if (active.length === 0) return true;
	for (const i of active) {
		const s = c.sensed[i];
		const column = c.columns[i];
		column.fill(0);
		if (s.a >= 0) column[s.a] += 1;
		if (s.b >= 0) column[s.b] -= 1;
		c.matrix.solve(column);
	}
	const m = active.map((i) => active.map((j) => sensedV(c.sensed[i], c.columns[j]) + (i === j ? c.sensed[i].droopOhm : 0)));
	const x = active.map((i) => sensedV(c.sensed[i], c.stepV));
	if (!solveDense(m, x)) return false;
	for (let k = 0; k < c.size; k++) active.forEach((i, n) => c.stepV[k] -= c.columns[i][k] * x[n]);
	return true;
};
/** One step of Newton's method from `v`, into `stepV`; false where the slopes hold no solution. */
const newtonStep = (c, v, given, share = 0) => {
	if (slopes(c, v, share) && !takeApart(c)) return false;
	c.stepV.set(c.residualA);
	c.matrix.solve(c.stepV);
	return given !== null || c.sensed.length === 0 || withSensed(c, v);
};
const largest = (x) => {
	let most = 0;
	for (let k = 0; k < x.length; k++) {
		const m = Math.abs(x[k]);
		if (!(m <= most)) most = m;
	}
	return most;
};
const dot = (a, b) => {
	let sum = 0;
	for (let k = 0; k < a.length; k++) sum += a[k] * b[k];
	return sum;
};
/** Steps of voltage below this are none, V. */
const STILL_V$1 = 1e-9;
const MOST_STEPS = 200;
/** Halvings in search of the place along a step where its slope vanishes. */
const SEARCHES = 60;
/** Where along the step the slope of the potential is 0: it falls with the share, so bisection and secant find it. */
const shareOfStep = (c, v, slope0, slope1, given) => {
	let [low, high, atLow, atHigh] = [
		0,
		1,
		slope0,
		slope1
	];
	for (let n = 0; n < SEARCHES && high - low > 1e-12; n++) {
		const share = n % 3 === 2 ? (low + high) / 2 : low + (high - low) * atLow / (atLow - atHigh);
		for (let k = 0; k < c.size; k++) c.trialV[k] = v[k] + share * c.stepV[k];
		imbalance(c, c.trialV, c.residualA, given);
		const slope = dot(c.residualA, c.stepV);
		if (Math.abs(slope) <= .001 * slope0) return share;
		if (slope > 0) [low, atLow] = [share, slope];
		else [high, atHigh] = [share, slope];
	}
	return low > 0 ? low : high;
};
/**
* Newton's method for elements whose currents grow with their voltages. Such a network sits at the bottom of one convex
* potential (Millar's content, Phil. Mag. 42 (1951) 1150); a step that overshoots it is cut back to where the potential
* along the step is least, so that it can neither cycle nor run away. Changes `v`.
* @returns whether it came to rest
*/
const relax = (c, v, given) => {
	imbalance(c, v, c.residualA, given);
	for (let n = 0; n < MOST_STEPS; n++) {
		const before = largest(c.residualA);
		if (!newtonStep(c, v, given)) return false;
		const step = largest(c.stepV);
		if (!Number.isFinite(step)) return false;
		const slope0 = dot(c.residualA, c.stepV);
		for (let k = 0; k < c.size; k++) c.trialV[k] = v[k] + c.stepV[k];
		imbalance(c, c.trialV, c.residualA, given);
		if (step > STILL_V$1 && n > 0) {
			const slope1 = dot(c.residualA, c.stepV);
			if (slope1 < -1e-6 * slope0 && slope0 > 0 && largest(c.residualA) > 1e-7) {
				const share = shareOfStep(c, v, slope0, slope1, given);
				for (let k = 0; k < c.size; k++) c.trialV[k] = v[k] + share * c.stepV[k];
				imbalance(c, c.trialV, c.residualA, given);
			}
		}
		v.set(c.trialV);
		if (step <= STILL_V$1 && (largest(c.residualA) <= Math.max(1e-6, before) || n > 20)) return true;
	}
	return false;
};
/** Sensed sources by turns, each by bisection of what it would give against what it gives. */
const bySources = (c, v) => {
	const given = c.sensed.map((s) => sensedA(s, sensedV(s, v)));
	for (let round = 0; round < 100; round++) {
		let moved = 0;
		for (let i = 0; i < c.sensed.length; i++) {
			const s = c.sensed[i];
			if (!s.there) continue;
			const wanted = (current) => {
				given[i] = current;
				relax(c, v, given);
				return sensedA(s, sensedV(s, v)) - current;
			};
			const was = given[i];
			let [low, high] = [0, s.limitA];
			if (wanted(low) <= 0) high = 0;
			else if (wanted(high) >= 0) low = high;
			for (let n = 0; n < 80 && high - low > 1e-12 * high; n++) {
				const middle = (low + high) / 2;
				if (wanted(middle) > 0) low = middle;
				else high = middle;
			}
			given[i] = high;
			moved = Math.max(moved, Math.abs(high - was));
		}
		relax(c, v, given);
		if (moved < 1e-9) return true;
	}
	return false;
};
/**
* Voltages of a circuit whose elements grow with their voltages, from those in `v` on; changes `v`.
* @returns whether it came to rest
*/
const solveCircuit = (c, v) => relax(c, v, null) || c.sensed.length > 0 && bySources(c, v);
/** Largest imbalance of any node by the laws as they stand, A. */
const imbalanceA = (c, v) => {
	imbalance(c, v, c.residualA, null);
	return largest(c.residualA);
};
/** A step of a trace comes to rest below this, V: the next one would be a hundredth of it. */
const STEP_STILL_V = 1e-6;
const MOST_TRACE_STEPS = 25;
/** Slopes that have changed by less are left as they were: the steps shrink to this share of the one before. */
const KEEP_SLOPES = .01;
/**
* The next instant of a circuit whose elements have changed a little, loads of constant power by their true law: Newton's
* method from where it stood. Changes `v`. False where it comes to no rest: the high root is gone, start anew.
*/
const followCircuit = (c, v) => {
	for (let n = 0; n < MOST_TRACE_STEPS; n++) {
		imbalance(c, v, c.residualA, null);
		if (!newtonStep(c, v, null, KEEP_SLOPES)) return false;
		let most = 0;
		for (let k = 0; k < c.size; k++) {
			const step = c.stepV[k];
			v[k] += step;
			const size = step < 0 ? -step : step;
			if (!(size <= most)) most = size;
		}
		if (most <= STEP_STILL_V) return true;
		if (!(most < 1e6)) return false;
	}
	return false;
};
// packages/core/src/power/network/partLaws.ts
/** Place of `x` on an axis: the entries beside it and the share of the second; the edge holds outside. */
const between$1 = (axis, x) => {
	const last = axis.length - 1;
	if (x <= axis[0]) return [
		0,
		0,
		0
	];
	if (x >= axis[last]) return [
		last,
		last,
		0
	];
	const j = axis.findIndex((a) => a > x);
	return [
		j - 1,
		j,
		(x - axis[j - 1]) / (axis[j] - axis[j - 1])
	];
};
/** A figure of a battery at its charge and temperature: bilinear in its table, the edge outside. */
const atCharge = (figure, charge, temperatureK) => {
	if (typeof figure === "number") return figure;
	const [i, j, f] = between$1(figure.charges, charge);
	const [k, l, g] = between$1(figure.temperaturesK, temperatureK);
	const row = (n) => figure.values[n][k] * (1 - g) + figure.values[n][l] * g;
	return row(i) * (1 - f) + row(j) * f;
};
/** Resistance by temperature, as a factor of that at 293.15 K. */
const warmed = (temperatureK, coefficientPerK) => 1 + coefficientPerK * (temperatureK - REFERENCE_K);
/** No resistance is less than the least that counts, nor beyond what a number holds. */
const atLeast = (ohm) => Math.min(1e300, Math.max(LEAST_OHM, ohm));
/** Resistance of a wire with its terminals, ohm; R = rho l / A at its temperature, or as measured. */
const wireOhm$1 = (w, conductor, temperatureK) => {
	const contact = w.contactOhm ?? 0;
	if (w.resistanceOhm !== void 0) return atLeast(w.resistanceOhm + contact);
	const length = w.lengthM ?? 0;
	const cold = w.sectionM2 !== void 0 ? conductor.resistivityOhmM * length / w.sectionM2 : (w.ohmPerM ?? 0) * length;
	return atLeast(cold * warmed(w.temperatureK ?? temperatureK, conductor.coefficientPerK) / (w.parallel ?? 1) + contact);
};
const batteryLaw = (b, temperatureK) => {
	const at = (f) => atCharge(f, b.charge ?? 1, b.temperatureK ?? temperatureK);
	const resistanceOhm = at(b.resistanceOhm);
	return {
		openCircuitV: at(b.openCircuitV),
		resistanceOhm,
		chargeOhm: b.chargeOhm === void 0 ? resistanceOhm : at(b.chargeOhm)
	};
};
/** Most an alternator gives at its speed, A. */
const limitOf = (a) => {
	if (typeof a.limitA === "number") return a.limitA;
	const [i, j, f] = between$1(a.limitA.map(([rpm]) => rpm), a.speedRpm ?? 0);
	return a.limitA[i][1] * (1 - f) + a.limitA[j][1] * f;
};
/** Regulator's set point at its temperature, V. */
const setPointV = (a, temperatureK) => a.setV + (a.setPerK ?? 0) * ((a.temperatureK ?? temperatureK) - SET_POINT_K);
/** A conductance within bounds; of nothing, nothing. */
const within = (s) => s > 0 ? Math.min(MOST_S, s) : 0;
const siemens = (ohm) => within(1 / ohm);
/** Nothing is rated, or works from, less than a microvolt and a nanoampere: below that a law is steeper than numbers are. */
const LEAST_RATED_V = 1e-6;
const LEAST_RATED_A = 1e-9;
const ratedVOf = (volts) => Math.max(LEAST_RATED_V, volts);
/** Armature conductance, volts over it at rated current, and back voltage at rated speed of a brushed motor. */
const motorLaw = (m) => {
	const ratedV = ratedVOf(m.ratedV);
	const stallA = Math.max(LEAST_RATED_A, m.stallA);
	const runA = Math.min(stallA * (1 - 1e-9), Math.max(LEAST_RATED_A / 1e3, m.runA));
	const dropV = ratedV * (runA / stallA);
	return {
		armatureS: within(stallA / ratedV),
		dropV,
		backV: ratedV - dropV,
		runA
	};
};
/** The two lines of a tungsten lamp: current by voltage cold, and its factor hot. */
const lampLaw = (l) => {
	const exponent = l.exponent ?? .55;
	const ratedV = ratedVOf(l.ratedV);
	return {
		coldS: within((l.coldRatio ?? 12) * l.ratedW / ratedV / ratedV),
		hotA: l.ratedW / ratedV / Math.pow(ratedV, exponent),
		exponent
	};
};
/** Coil resistance and thresholds at the coil's temperature: a warm coil needs more volts for the same current. */
const coilLaw = (r, temperatureK) => {
	const factor = warmed(r.coilTemperatureK ?? temperatureK, .00393);
	return {
		coilOhm: r.coilOhm * factor,
		pullInV: r.pullInV * factor,
		dropOutV: r.dropOutV * factor
	};
};
// packages/core/src/power/network/compileNetwork.ts
const terminals = (list, part) => {
	switch (list) {
		case "wires":
		case "contacts":
		case "fuses": {
			const { from, to } = part;
			return [from, to];
		}
		case "sources":
		case "loads": {
			const { pos, neg } = part;
			return [pos, neg];
		}
		case "relays": {
			const { coilPos, coilNeg } = part;
			return [coilPos, coilNeg];
		}
		case "diodes": {
			const { anode, cathode } = part;
			return [anode, cathode];
		}
	}
};
const sensesElsewhere = (a) => (a.sensePos ?? a.pos) !== a.pos || (a.senseNeg ?? a.neg) !== a.neg;
/** Parts of a case with the names of their lists, in the order of the contract. */
const partsOf = (c) => PART_LISTS.flatMap((list) => (c[list] ?? []).map((part) => ({
	list,
	part
})));
const compileNetwork = (c) => {
	const parts = partsOf(c);
	const nodes = [...new Set(parts.flatMap(({ part }) => nodesOf(part)))].filter((n) => n !== c.reference);
	const index = new Map(nodes.map((n, i) => [n, i]));
	const indexOf = (node) => index.get(node) ?? -1;
	const ends = [];
	const element = (a, b) => ends.push([indexOf(a), indexOf(b)]) - 1;
	const placed = parts.map(({ list, part }) => {
		const [a, b] = terminals(list, part);
		const at = element(a, b);
		const relay = list === "relays" ? part : null;
		const alternator = list === "sources" && part.kind === "alternator" ? part : null;
		return {
			list,
			written: part,
			part,
			at,
			makeAt: relay?.make === void 0 ? -1 : element(relay.common, relay.make),
			breakAt: relay?.break === void 0 ? -1 : element(relay.common, relay.break),
			sensed: alternator && sensesElsewhere(alternator) ? {
				a: indexOf(a),
				b: indexOf(b),
				senseA: indexOf(alternator.sensePos ?? a),
				senseB: indexOf(alternator.senseNeg ?? b),
				setV: 0,
				droopOhm: 1,
				limitA: 0,
				there: false
			} : null,
			power: list === "loads" && part.kind === "power" ? {
				element: at,
				powerW: 0,
				leastV: 6
			} : null
		};
	});
	const count = ends.length;
	const elements = {
		count,
		kind: new Uint8Array(count),
		a: Int32Array.from(ends, ([a]) => a),
		b: Int32Array.from(ends, ([, b]) => b),
		p0: new Float64Array(count),
		p1: new Float64Array(count),
		p2: new Float64Array(count),
		there: new Uint8Array(count)
	};
	const circuit = circuitOf(nodes.length, elements, placed.flatMap((p) => p.sensed ? [p.sensed] : []));
	const temperatureK = c.temperatureK ?? 293.15;
	const conductor = {
		...COPPER,
		...c.conductor
	};
	const set = (at, there, kind = KIND.straight, p0 = 0, p1 = 0, p2 = 0) => {
		elements.there[at] = there ? 1 : 0;
		elements.kind[at] = kind;
		elements.p0[at] = p0;
		elements.p1[at] = p1;
		elements.p2[at] = p2;
	};
	const resistor = (at, ohm, there = true) => set(at, there, KIND.straight, 0, siemens(ohm));
	const putSource = ({ at, sensed }, part) => {
		if (part.kind === "battery") {
			const { openCircuitV, resistanceOhm, chargeOhm } = batteryLaw(part, temperatureK);
			return set(at, true, KIND.twoSlopes, openCircuitV, siemens(resistanceOhm), siemens(chargeOhm));
		}
		const mode = part.mode ?? "regulating";
		const setV = setPointV(part, temperatureK);
		const limitA = limitOf(part);
		if (sensed) Object.assign(sensed, {
			setV,
			droopOhm: part.droopOhm,
			limitA,
			there: mode === "regulating"
		});
		if (mode === "dump") set(at, true, KIND.limited, part.dumpV ?? 0, siemens(part.dumpOhm ?? 1), Infinity);
		else set(at, mode === "regulating" && sensed === null, KIND.limited, setV, siemens(part.droopOhm), limitA);
	};
	const putLoad = ({ at, power }, part) => {
		const on = part.on ?? true;
		switch (part.kind) {
			case "resistance": {
				const duty = part.duty ?? 1;
				return set(at, on && duty > 0, KIND.straight, 0, within(duty / part.ohm));
			}
			case "current": return set(at, on, KIND.upTo, within(part.currentA / ratedVOf(leastVOf(part))), part.currentA);
			case "power":
				power.powerW = part.powerW;
				power.leastV = ratedVOf(leastVOf(part));
				return set(at, on, KIND.upTo);
			case "lamp": {
				const { coldS, hotA, exponent } = lampLaw(part);
				return part.filament === "cold" ? set(at, on, KIND.straight, 0, coldS) : set(at, on, KIND.lamp, coldS, hotA, exponent);
			}
			case "motor": {
				const { armatureS, dropV, backV, runA } = motorLaw(part);
				const speed = part.speed ?? "settled";
				if (speed !== "settled") return set(at, on, KIND.straight, speed * backV, armatureS);
				if (part.torque === "quadratic") return set(at, on, KIND.fan, backV, dropV, runA);
				return set(at, on, KIND.upToEitherWay, armatureS, runA);
			}
		}
	};
	const put = (p, part) => {
		p.part = part;
		const { at } = p;
		switch (p.list) {
			case "wires": return resistor(at, wireOhm$1(part, conductor, temperatureK));
			case "contacts": {
				const { resistanceOhm, closed } = part;
				return resistor(at, atLeast(resistanceOhm), closed ?? true);
			}
			case "fuses": {
				const { resistanceOhm, blown } = part;
				return resistor(at, atLeast(resistanceOhm), !(blown ?? false));
			}
			case "sources": return putSource(p, part);
			case "loads": return putLoad(p, part);
			case "relays": return resistor(at, coilLaw(part, temperatureK).coilOhm);
			case "diodes": {
				const { forwardV, resistanceOhm, clampV } = part;
				return set(at, true, KIND.diode, forwardV, siemens(resistanceOhm), clampV ?? Infinity);
			}
		}
	};
	const byId = new Map(placed.map((p) => [p.part.id, p]));
	for (const p of placed) put(p, p.part);
	return {
		case: c,
		nodes,
		indexOf,
		placed,
		find: (id) => {
			const found = byId.get(id);
			if (!found) throw new Error(`no part "${id}" in this network`);
			return found;
		},
		relays: placed.filter((p) => p.list === "relays"),
		circuit,
		powers: placed.flatMap((p) => p.power ? [p.power] : []),
		temperatureK,
		conductor,
		put,
		setRelay: (relay, energised) => {
			const ohm = atLeast(relay.part.contactOhm ?? 0);
			if (relay.makeAt >= 0) resistor(relay.makeAt, ohm, energised);
			if (relay.breakAt >= 0) resistor(relay.breakAt, ohm, !energised);
		}
	};
};
// packages/core/src/power/network/powerLoads.ts
/** Rounds of "draw by the voltage of the round before". */
const MOST_ROUNDS = 5e3;
/** From here on every other round is the mean of two, for networks in which one load lifts another. */
const CALM_ROUNDS = 400;
const STILL_V = 1e-11;
/** Rounds that shrink to this share of the one before need no help. */
const QUICK_SHARE = .3;
/** Most of its voltage that a load is let fall at once where it falls anyway. */
const FALL_SHARE = .005;
/** As far as the quick way may be off when it says that nothing changes. */
const SURE_V = 1e-7;
const voltsOf = (c, v, element) => {
	const a = c.elements.a[element];
	const b = c.elements.b[element];
	return (a < 0 ? 0 : v[a]) - (b < 0 ? 0 : v[b]);
};
/** Each load draws what its power is at `u` volts, or what it draws below its least voltage. */
const draw = (c, loads, u) => {
	const { kind, p0, p1 } = c.elements;
	loads.forEach(({ element, powerW, leastV }, i) => {
		kind[element] = KIND.upTo;
		p0[element] = within(powerW / leastV / leastV);
		p1[element] = u === null ? 0 : u[i] < leastV ? Infinity : powerW / u[i];
		if (u === null) p0[element] = 0;
	});
};
/** The true law of each: more current as the voltage falls, down to its least. */
const drawTruly = (c, loads) => {
	const { kind, p0, p1, p2 } = c.elements;
	for (const { element, powerW, leastV } of loads) {
		kind[element] = KIND.power;
		p0[element] = within(powerW / leastV / leastV);
		p1[element] = powerW;
		p2[element] = leastV;
	}
};
/**
* Where a step of Newton's method on the true laws leads from `v`: it passes no solution while the network is passive and
* every load falls, since the laws are hollow upwards. Null where that does not hold.
*/
const ahead = (c, loads, v, u) => {
	drawTruly(c, loads);
	imbalanceA(c, v);
	if (!newtonStep(c, v, null)) return null;
	const next = loads.map(({ element, leastV }, i) => {
		const to = u[i] + voltsOf(c, c.stepV, element);
		return to < leastV && u[i] >= leastV ? leastV * (1 - 1e-9) : to;
	});
	return next.every((x, i) => Number.isFinite(x) && x <= u[i] + 1e-12) ? next : null;
};
/** Steps of the quick way at most. */
const QUICK_STEPS = 12;
const QUICK_STILL_V = 1e-9;
/**
* The same by Newton's method on the true laws alone, from the voltages without any power drawn in `v`. It holds while
* every load falls from step to step and stays at its least or above: it then comes down on the first solution it meets.
* Null where it does not hold, and `v` is spoilt.
*/
const quickly = (c, loads, v) => {
	drawTruly(c, loads);
	for (let n = 0; n < QUICK_STEPS; n++) {
		const amps = imbalanceA(c, v);
		if (!newtonStep(c, v, null)) return false;
		let most = 0;
		for (let k = 0; k < c.size; k++) most = Math.max(most, Math.abs(c.stepV[k]));
		if (!Number.isFinite(most)) return false;
		const still = most <= QUICK_STILL_V;
		for (const { element, leastV } of loads) {
			const fall = voltsOf(c, c.stepV, element);
			if (!(fall <= QUICK_STILL_V && voltsOf(c, v, element) + fall >= leastV)) return false;
		}
		for (let k = 0; k < c.size; k++) v[k] += c.stepV[k];
		if (still) return amps <= 1e-6;
	}
	return false;
};
/**
* Voltages of a circuit with loads of constant power, reached from above: first none of them draws, then each by the
* voltage of the round before, until nothing changes. Where that creeps, steps of Newton's method go ahead of it.
* Changes `v`; the circuit is left with the last currents drawn, or with the true laws where it came to no rest.
*/
const solvePowered = (c, loads, v) => {
	if (loads.length === 0) return {
		still: solveCircuit(c, v),
		collapsed: []
	};
	draw(c, loads, null);
	let still = solveCircuit(c, v);
	let u = loads.map(({ element }) => voltsOf(c, v, element));
	const unloaded = u;
	const start = v.slice();
	if (quickly(c, loads, v)) return {
		still,
		collapsed: []
	};
	v.set(start);
	let rest = false;
	let stride = 1;
	let before = Infinity;
	for (let round = 0; round < MOST_ROUNDS && !rest; round++) {
		draw(c, loads, u);
		still = solveCircuit(c, v) && still;
		const found = loads.map(({ element }) => voltsOf(c, v, element));
		const moved = Math.max(...found.map((x, i) => Math.abs(x - u[i])));
		if (!Number.isFinite(moved)) break;
		const quick = moved <= QUICK_SHARE * before;
		before = moved;
		const next = !quick && round > 0 && round < CALM_ROUNDS ? ahead(c, loads, v, found) : null;
		const sure = next === null || Math.max(...next.map((x, i) => Math.abs(x - found[i]))) <= SURE_V;
		rest = moved <= STILL_V && sure;
		const falls = !quick && next === null && round > 3 && round < CALM_ROUNDS && found.every((x, i) => x <= u[i]);
		stride = falls ? stride * 2 : 1;
		const was = u;
		u = found.map((x, i) => {
			if (next) return next[i];
			if (falls) return Math.min(x, Math.max(was[i] - stride * (was[i] - x), x - FALL_SHARE * Math.abs(x)));
			return round >= CALM_ROUNDS && round % 2 === 1 ? (x + was[i]) / 2 : x;
		});
	}
	if (rest) draw(c, loads, u);
	else drawTruly(c, loads);
	still = (rest ? solveCircuit(c, v) : false) && still;
	const least = (i) => loads[i].leastV;
	const collapsed = loads.flatMap(({ element }, i) => voltsOf(c, v, element) < least(i) && unloaded[i] >= least(i) ? [i] : []);
	return {
		still,
		collapsed
	};
};
// packages/core/src/power/network/floatingNodes.ts
/** The two nodes that a part joins at this moment; null where it joins nothing. Sense leads never join. */
const joins = (list, part) => {
	switch (list) {
		case "wires": {
			const { from, to } = part;
			return [[from, to]];
		}
		case "contacts": {
			const { from, to, closed } = part;
			return closed === false ? [] : [[from, to]];
		}
		case "fuses": {
			const { from, to, blown } = part;
			return blown === true ? [] : [[from, to]];
		}
		case "sources": {
			const source = part;
			return source.kind === "alternator" && source.mode === "off" ? [] : [[source.pos, source.neg]];
		}
		case "loads": {
			const load = part;
			return load.on !== false && !(load.kind === "resistance" && load.duty === 0) ? [[load.pos, load.neg]] : [];
		}
		case "relays": {
			const { coilPos, coilNeg } = part;
			return [[coilPos, coilNeg]];
		}
		case "diodes": {
			const { anode, cathode } = part;
			return [[anode, cathode]];
		}
	}
};
/** Names, sorted, of the nodes that no chain of parts joins to the reference. */
const floatingNodes = (net, energised) => {
	const parent = /* @__PURE__ */ new Map();
	const root = (n) => {
		let at = n;
		for (let up = parent.get(at); up !== void 0; up = parent.get(at)) at = up;
		return at;
	};
	const join = (a, b) => {
		const [x, y] = [root(a), root(b)];
		if (x !== y) parent.set(x, y);
	};
	for (const { list, part } of net.placed) {
		for (const [a, b] of joins(list, part)) join(a, b);
		if (list === "relays") {
			const { id, common, make, break: broken } = part;
			const to = energised.get(id) ? make : broken;
			if (to !== void 0) join(common, to);
		}
	}
	const ground = root(net.case.reference);
	return net.nodes.filter((n) => root(n) !== ground).sort();
};
// packages/core/src/power/network/momentFigures.ts
/** A current of less is none, A. */
const IDLE_A = 1e-6;
/** Every figure of the contract, from the voltages of the nodes. */
const momentFigures = (net, s) => {
	const { v, energised } = s;
	const { elements } = net.circuit;
	const nodeV = (node) => {
		const i = net.indexOf(node);
		return i < 0 ? 0 : v[i];
	};
	const floating = floatingNodes(net, energised);
	const floats = new Set(floating);
	const across = (at) => {
		const [a, b] = [elements.a[at], elements.b[at]];
		return (a < 0 ? 0 : v[a]) - (b < 0 ? 0 : v[b]);
	};
	const through = (at) => at < 0 ? 0 : currentAt(elements, at, across(at)) + 0;
	const series = (p) => {
		const dropV = across(p.at);
		const currentA = through(p.at);
		return {
			currentA,
			dropV,
			lossW: currentA * dropV
		};
	};
	const battery = (p, part) => {
		const law = batteryLaw(part, net.temperatureK);
		const currentA = -through(p.at) + 0;
		const state = currentA > IDLE_A ? "discharging" : currentA < -1e-6 ? "charging" : "idle";
		return {
			currentA,
			voltageV: across(p.at),
			openCircuitV: law.openCircuitV,
			resistanceOhm: state === "charging" ? law.chargeOhm : law.resistanceOhm,
			state
		};
	};
	const alternator = (p, part) => {
		const mode = part.mode ?? "regulating";
		const voltageV = across(p.at);
		const limitA = limitOf(part);
		if (mode === "off") return {
			currentA: 0,
			voltageV,
			limitA,
			state: "off"
		};
		if (mode === "dump") return {
			currentA: -through(p.at) + 0,
			voltageV,
			limitA,
			state: voltageV >= (part.dumpV ?? 0) ? "idle" : "dump"
		};
		const u = p.sensed ? sensedV(p.sensed, v) : voltageV;
		const raw = (setPointV(part, net.temperatureK) - u) / part.droopOhm;
		return {
			currentA: p.sensed ? sensedA(p.sensed, u) : -through(p.at) + 0,
			voltageV,
			limitA,
			state: raw <= 0 ? "idle" : raw >= limitA ? "limited" : "regulating"
		};
	};
	const figures = (p) => {
		switch (p.list) {
			case "wires": return {
				resistanceOhm: wireOhm$1(p.part, net.conductor, net.temperatureK),
				...series(p)
			};
			case "contacts": return series(p);
			case "fuses": {
				const own = series(p);
				return {
					...own,
					share: Math.abs(own.currentA) / p.part.ratingA,
					i2tA2S: s.durationS === null ? null : own.currentA * own.currentA * s.durationS
				};
			}
			case "sources": return p.part.kind === "battery" ? battery(p, p.part) : alternator(p, p.part);
			case "loads": {
				const { neg } = p.part;
				const [currentA, voltageV] = [through(p.at), across(p.at)];
				return {
					currentA,
					voltageV,
					powerW: currentA * voltageV,
					liftV: floats.has(neg) ? null : nodeV(neg)
				};
			}
			case "relays": {
				const part = p.part;
				const { pullInV, dropOutV } = coilLaw(part, net.temperatureK);
				return {
					energised: energised.get(part.id),
					coilA: through(p.at),
					coilV: across(p.at),
					pullInV,
					dropOutV,
					makeA: through(p.makeAt),
					breakA: through(p.breakAt)
				};
			}
			case "diodes": {
				const { forwardV, clampV } = p.part;
				const voltageV = across(p.at);
				const state = voltageV > forwardV ? "conducts" : clampV !== void 0 && voltageV < -clampV ? "clamps" : "blocks";
				return {
					currentA: through(p.at),
					voltageV,
					state
				};
			}
		}
	};
	const loads = net.placed.filter((p) => p.list === "loads");
	const idsWhere = (test) => loads.flatMap((p) => test(p.part, across(p.at)) ? [p.part.id] : []).sort();
	return {
		id: s.id,
		state: s.chattering.length > 0 ? "chatters" : s.collapsed.length > 0 ? "collapsed" : "solved",
		chattering: s.chattering,
		collapsed: s.collapsed,
		starved: idsWhere((l, u) => {
			const least = leastVOf(l);
			return l.on !== false && least !== null && u < least;
		}),
		overVolted: idsWhere((l, u) => l.mostV !== void 0 && u > l.mostV),
		floating,
		nodesV: Object.fromEntries([net.case.reference, ...net.nodes].map((n) => [n, floats.has(n) ? null : nodeV(n)])),
		parts: Object.fromEntries(net.placed.map((p) => [p.part.id, figures(p)]))
	};
};
// packages/core/src/power/network/solveNetwork.ts
/** A part as it is after the changes of a moment. */
const changed = (part, m) => (m.changes ?? []).reduce((p, { id, ...fields }) => id === p.id ? {
	...p,
	...fields
} : p, part);
/** Largest current of any element, A. */
const largestA = (net, v) => {
	const { elements: e } = net.circuit;
	const at = (node) => node < 0 ? 0 : v[node];
	let most = 0;
	for (let i = 0; i < e.count; i++) most = Math.max(most, Math.abs(currentAt(e, i, at(e.a[i]) - at(e.b[i]))));
	return most;
};
/** Solved with the relays as they stand; the currents of loads of constant power are found too. */
const solveStates = (net, v) => {
	const on = net.placed.filter((p) => p.power !== null && p.part.on !== false);
	const { still, collapsed } = solvePowered(net.circuit, on.map((p) => p.power), v);
	if (!still && imbalanceA(net.circuit, v) > 1e-5 * Math.max(1, largestA(net, v) / 100)) throw new Error("the network came to no rest: Kirchhoff’s law is not met");
	return { collapsed: collapsed.map((i) => on[i].part.id).sort() };
};
/** Puts the parts as they are at a moment: those that it changes, and back those that another had changed. */
const putMoment = (net, m) => {
	const touched = new Set((m.changes ?? []).map((c) => c.id));
	for (const p of net.placed) if (touched.has(p.part.id)) net.put(p, changed(p.written, m));
	else if (p.part !== p.written) net.put(p, p.written);
};
/**
* One moment: relays from the states before, all that ask for the other state at once, until none asks. `energised` is
* taken on to the next moment.
*/
const solveMoment = (net, m, energised, v) => {
	for (const p of net.placed) net.put(p, changed(net.case[p.list].find((part) => part.id === p.part.id), m));
	const { relays } = net;
	const coilV = (at) => {
		const { a, b } = net.circuit.elements;
		return Math.abs((a[at] < 0 ? 0 : v[a[at]]) - (b[at] < 0 ? 0 : v[b[at]]));
	};
	const solve = (states) => {
		relays.forEach((r, i) => net.setRelay(r, states[i]));
		return solveStates(net, v);
	};
	const asked = (states) => relays.map((r, i) => {
		const { pullInV, dropOutV } = coilLaw(r.part, net.temperatureK);
		const u = coilV(r.at);
		return u >= pullInV ? true : u < dropOutV ? false : states[i];
	});
	const tried = [];
	let states = relays.map((r) => energised.get(r.part.id));
	let chattering = [];
	let { collapsed } = solve(states);
	for (;;) {
		const next = asked(states);
		if (next.every((x, i) => x === states[i])) break;
		tried.push(states);
		const from = tried.findIndex((t) => t.every((x, i) => x === next[i]));
		if (from >= 0) {
			const circle = tried.slice(from);
			const differs = relays.map((_, i) => circle.some((t) => t[i] !== circle[0][i]));
			chattering = relays.flatMap((r, i) => differs[i] ? [r.part.id] : []).sort();
			states = states.map((x, i) => differs[i] ? false : x);
			({collapsed} = solve(states));
			break;
		}
		states = next;
		({collapsed} = solve(states));
	}
	relays.forEach((r, i) => energised.set(r.part.id, states[i]));
	return {
		id: m.id,
		durationS: m.durationS ?? null,
		v,
		energised,
		chattering,
		collapsed
	};
};
/** The same for a network that is ready: moments in their order, relays from those written in the case. */
const solveMoments = (net, moments) => {
	const energised = new Map(net.relays.map((r) => [r.part.id, r.written.energised ?? false]));
	const v = new Float64Array(net.nodes.length);
	return moments.map((m) => momentFigures(net, solveMoment(net, m, energised, v)));
};
/** @param moment changes that hold from the start; relays start as `energised` says */
const liveNetwork = (c, moment, energised = /* @__PURE__ */ new Map()) => liveOn(compileNetwork(c), moment, energised);
/** The same on a network that is ready; it is this one's as long as it lives. */
const liveOn = (net, moment, energised = /* @__PURE__ */ new Map()) => {
	putMoment(net, moment);
	const { circuit } = net;
	const { elements } = circuit;
	const v = new Float64Array(net.nodes.length);
	const armatures = net.relays.map((relay) => {
		const { pullInV, dropOutV } = coilLaw(relay.part, net.temperatureK);
		const on = energised.get(relay.part.id) ?? relay.part.energised ?? false;
		net.setRelay(relay, on);
		return {
			relay,
			pullInV,
			dropOutV,
			energised: on,
			askedS: 0
		};
	});
	const places = new Map(net.placed.map((p) => [p.part.id, p]));
	const placeOf = (id) => places.get(id) ?? net.find(id);
	const voltsAt = (at) => {
		const a = elements.a[at];
		const b = elements.b[at];
		return (a < 0 ? 0 : v[a]) - (b < 0 ? 0 : v[b]);
	};
	const powersOn = () => net.placed.filter((p) => p.power !== null && p.part.on !== false);
	const anew = () => {
		const on = powersOn().map((p) => p.power);
		solvePowered(circuit, on, v);
		drawTruly(circuit, on);
	};
	anew();
	const solve = () => {
		if (!followCircuit(circuit, v)) anew();
	};
	const put = (id, fields) => {
		const p = placeOf(id);
		net.put(p, {
			...p.part,
			...fields
		});
		if (p.power) drawTruly(circuit, powersOn().map((x) => x.power));
	};
	return {
		net,
		voltsOf: (id) => voltsAt(placeOf(id).at),
		setSpeed: (id, share) => {
			const p = placeOf(id);
			const part = p.part;
			elements.p0[p.at] = share * (part.ratedV - part.ratedV / part.stallA * part.runA);
		},
		setWinding: (id, backV, ohm) => {
			const { at } = placeOf(id);
			elements.p0[at] = backV;
			elements.p1[at] = 1 / ohm;
		},
		setEmf: (id, volts) => {
			elements.p0[placeOf(id).at] = volts;
		},
		setClosed: (id, closed) => put(id, { closed }),
		setOn: (id, on) => put(id, { on }),
		advance: (stepS) => {
			solve();
			let moved = false;
			for (const a of armatures) {
				const u = Math.abs(voltsAt(a.relay.at));
				const wants = u >= a.pullInV ? true : u < a.dropOutV ? false : a.energised;
				if (wants === a.energised) {
					a.askedS = 0;
					continue;
				}
				a.askedS += stepS;
				if (a.askedS < .004) continue;
				a.askedS = 0;
				a.energised = wants;
				net.setRelay(a.relay, wants);
				moved = true;
			}
			if (moved) solve();
		},
		currentOf: (id) => {
			const { at } = placeOf(id);
			return currentAt(elements, at, voltsAt(at));
		},
		isEnergised: (id) => armatures.find((a) => a.relay.part.id === id)?.energised ?? false
	};
};
// packages/core/src/power/starter/starterModel.ts
/** Typical: 12 mohm, 0.03 V s, 12 : 1; 200 A give 207 rpm and 58 N m. */
const TYPICAL_STARTER = {
	armatureOhm: .012,
	backVS: .03,
	ratio: 12,
	efficiency: .8
};
/** Power that the typical starter is sold by, W. */
const TYPICAL_STARTER_W = 1400;
/** A starter of another power: its resistance in proportion. Rule of thumb. */
const starterOfPower = (powerW) => ({
	...TYPICAL_STARTER,
	armatureOhm: TYPICAL_STARTER.armatureOhm * TYPICAL_STARTER_W / powerW
});
/** Engine and flywheel by displacement: 0.15 to 0.3 kg m². Rule of thumb. */
const inertiaOf = (displacementM3) => .1 + .05 * Math.min(6, displacementM3 * 1e3);
/**
* Friction of cold oil over that of a warm engine (363 K): two to three times at -10 °C. Rule of thumb: a doubling for
* each 80 K below.
*/
const oilFactor = (temperatureK) => 2 ** (Math.max(0, 363.15 - temperatureK) / 80);
/** Torque of friction at the crank, N m: mean pressure 0.97 + 0.15 N + 0.05 N² bar (Heywood), N in 1000 rpm, over 4 pi. */
const frictionNm = (e, rpm) => {
	const n = rpm / 1e3;
	return e.oilFactor * (.97 + .15 * n + .05 * n * n) * 1e5 * e.displacementM3 / (4 * Math.PI);
};
const ATMOSPHERE_PA = 101325;
/** Compression and expansion of cranked air, heat and blow-by included. Typical: 8.5 : 1 gives some 10 bar on a gauge. */
const COMPRESSES = 1.22;
const EXPANDS = 1.32;
/** Rod over crank radius. Typical. */
const ROD_RATIO = 3.5;
const TABLE_STEPS = 720;
/**
* Torque of the gas in all cylinders at the crank, N m, over two turns in steps of one degree: compression and expansion of
* each cylinder by polytropes from atmosphere, the others at atmosphere. Positive helps the starter. Firing evenly spaced.
*/
const gasTorqueNm = (e) => {
	const areaM2 = Math.PI / 4 * e.boreM ** 2;
	const radiusM = e.strokeM / 2;
	const clearM3 = areaM2 * e.strokeM / (e.compressionRatio - 1);
	const fallAt = (rad) => radiusM * (4.5 - Math.cos(rad) - Math.sqrt(ROD_RATIO ** 2 - Math.sin(rad) ** 2));
	const shutM3 = clearM3 + areaM2 * fallAt(-125 * Math.PI / 180);
	const topPa = ATMOSPHERE_PA * (shutM3 / clearM3) ** COMPRESSES;
	const one = (deg) => {
		const a = ((deg + 360) % 720 + 720) % 720 - 360;
		if (a < -180 || a > 180) return 0;
		const x = a * Math.PI / 180;
		const sin = Math.sin(x);
		const root = Math.sqrt(ROD_RATIO ** 2 - sin ** 2);
		const volume = clearM3 + areaM2 * fallAt(x);
		return ((a < 0 ? Math.max(ATMOSPHERE_PA, ATMOSPHERE_PA * (shutM3 / volume) ** COMPRESSES) : Math.max(ATMOSPHERE_PA, topPa * (clearM3 / volume) ** EXPANDS)) - ATMOSPHERE_PA) * areaM2 * radiusM * (sin + sin * Math.cos(x) / root);
	};
	return Float64Array.from({ length: TABLE_STEPS }, (_, deg) => {
		let sum = 0;
		for (let k = 0; k < e.cylinders; k++) sum += one(deg - k * 720 / e.cylinders);
		return sum;
	});
};
/** Mean of the gas torque over two turns, N m: what compression takes and expansion does not give back. Negative. */
const meanGasNm = (e) => gasTorqueNm(e).reduce((a, b) => a + b, 0) / TABLE_STEPS;
const RUN_SHARE = .2;
const starterLoad = (s) => {
	const stallA = 12 / s.armatureOhm;
	return {
		kind: "motor",
		ratedV: 12,
		stallA,
		runA: RUN_SHARE * stallA,
		speed: 0
	};
};
/** Back voltage of that load at its rated speed, V. */
const STARTER_BACK_V = 12 * .8;
/** Share of the load's rated speed at an angular speed of the crank. */
const starterShare = (s, crankRadS) => s.backVS * s.ratio * crankRadS / STARTER_BACK_V;
/** Torque at the crank by the starter's current, N m. */
const starterNm = (s, currentA) => s.efficiency * s.backVS * s.ratio * currentA;
/** Of a battery's resistance over some seconds, what is there at once; the rest builds up in `POLARISES_S`. */
const AT_ONCE = 1 / 1.5;
const POLARISES_S = 2;
/** Inductance of field and armature, H. Typical: the current needs some milliseconds to rise. */
const WINDING_H = 1e-4;
/** Most step of a trace, s: compression shows, and the starter's run-up is a hundred of them. */
const TRACE_STEP_S = .001;
/** Where the first compression begins: the crank stands somewhere before it. */
const START_DEG = 20;
/**
* The first moments of cranking: starter with back voltage, inertia, friction and compression of each cylinder, battery
* that polarises, relays with hysteresis, an ECU that resets when it is below its least for longer than it rides through.
* @param durationS above 0 @param stepS above 0, at most 1 ms
*/
const crankTrace = (rig, durationS, stepS = TRACE_STEP_S) => {
	const { starter, engine, ecu, battery } = rig;
	const network = {
		...rig.network,
		sources: rig.network.sources.map((s) => s.id === rig.batteryId && s.kind === "battery" ? {
			...s,
			openCircuitV: battery.openCircuitV,
			resistanceOhm: battery.resistanceOhm * AT_ONCE
		} : s)
	};
	const live = liveNetwork(network, rig.moment, rig.energised);
	const gas = gasTorqueNm(engine);
	const slowOhm = battery.resistanceOhm * .33333333333333337;
	let [omega, deg, polarV] = [
		0,
		START_DEG,
		0
	];
	let before = 0;
	let belowS = 0;
	let downS = null;
	const timeS = [];
	const rpm = [];
	const starterA = [];
	const batteryV = [];
	const degs = [];
	const watchedV = Object.fromEntries(rig.watch.map((id) => [id, []]));
	const resets = [];
	const relayMoves = [];
	const states = new Map(rig.relays.map((id) => [id, live.isEnergised(id)]));
	const steps = Math.ceil(durationS / stepS);
	for (let n = 0; n < steps; n++) {
		const now = n * stepS;
		const holdsBack = WINDING_H / stepS;
		live.setWinding(rig.starterId, starter.backVS * starter.ratio * omega - holdsBack * before, starter.armatureOhm + holdsBack);
		live.setEmf(rig.batteryId, battery.openCircuitV - polarV);
		live.advance(stepS);
		const current = live.currentOf(rig.starterId);
		before = current;
		timeS.push(now);
		rpm.push(omega * 30 / Math.PI);
		starterA.push(current);
		batteryV.push(live.voltsOf(rig.batteryId));
		degs.push(deg);
		for (const id of rig.watch) watchedV[id].push(live.voltsOf(id));
		for (const id of rig.relays) {
			const is = live.isEnergised(id);
			if (is !== states.get(id)) relayMoves.push({
				atS: now,
				id,
				energised: is
			});
			states.set(id, is);
		}
		if (ecu) {
			const supply = live.voltsOf(ecu.loadId);
			const keyed = ecu.keyedId === null ? Infinity : live.voltsOf(ecu.keyedId);
			const low = Math.min(supply, keyed) < ecu.leastV;
			belowS = low ? belowS + stepS : 0;
			if (downS === null && belowS > ecu.rideThroughS) {
				downS = 0;
				resets.push({
					atS: now,
					by: supply < ecu.leastV ? "supply" : "keyed"
				});
				for (const id of rig.drivenByEcu) live.setClosed(id, false);
			} else if (downS !== null) {
				downS = low ? 0 : downS + stepS;
				if (downS >= ecu.bootS) {
					downS = null;
					for (const id of rig.drivenByEcu) live.setClosed(id, true);
				}
			}
		}
		const drive = starterNm(starter, current) + gas[Math.floor((deg % 720 + 720) % 720)];
		const friction = frictionNm(engine, Math.abs(omega) * (30 / Math.PI));
		const net = omega > 0 || drive > friction ? drive - friction : 0;
		omega = Math.max(0, omega + net / engine.inertiaKgM2 * stepS);
		deg += omega * 180 / Math.PI * stepS;
		polarV += (-live.currentOf(rig.batteryId) * slowOhm - polarV) / POLARISES_S * stepS;
	}
	const end = degs.at(-1) ?? 0;
	const from = Math.max(0, degs.findIndex((d) => d >= end - 720));
	const lastS = Math.max(stepS, timeS.at(-1) - timeS[from]);
	const mean = (all) => all.slice(from).reduce((a, b) => a + b, 0) / (all.length - from);
	return {
		timeS,
		rpm,
		starterA,
		batteryV,
		watchedV,
		least: Object.fromEntries(rig.watch.map((id) => {
			const all = watchedV[id];
			let at = 0;
			for (let i = 1; i < all.length; i++) if (all[i] < all[at]) at = i;
			return [id, {
				volts: all[at],
				atS: timeS[at]
			}];
		})),
		resets,
		relayMoves,
		meanRpm: (end - degs[from]) / 6 / lastS,
		meanStarterA: mean(starterA),
		peakStarterA: Math.max(...starterA),
		turns: (end - START_DEG) / 360
	};
};
// packages/core/src/power/wire/jointsAndFuses.ts
/** Joint of two terminals by how it looks, ohm each end: good 0.5 to 2 mohm a pair of them, poor 5 to 20 each. Typical range. */
const JOINT_OHM = {
	good: 5e-4,
	fair: .002,
	poor: .01,
	rusty: .2
};
/** Cold resistance of a fuse, ohm. Typical: 40 to 85 mV at its rating; between listed ratings by 78 mV. */
const FUSE_MOHM = [
	[5, 17],
	[7.5, 11],
	[10, 7.7],
	[15, 5],
	[20, 3.4],
	[25, 2.6],
	[30, 2.1],
	[40, 1.5]
];
const fuseOhm = (ratingA) => (FUSE_MOHM.find(([a]) => a === ratingA)?.[1] ?? (ratingA > 40 ? 60 : 80) / ratingA) * .001;
/** Standard ratings: ISO 8820-3 blades and ISO 8820-5 bolt-in strips, from memory, A. */
const FUSE_RATINGS_A = [
	1,
	2,
	3,
	4,
	5,
	7.5,
	10,
	15,
	20,
	25,
	30,
	35,
	40,
	50,
	60,
	70,
	80,
	100,
	125,
	150,
	200
];
// packages/core/src/power/car/carNetwork.ts
/** Nodes by what an electrician calls them. */
const NODE = {
	post: "battery +",
	earth: "battery −",
	killed: "after kill switch",
	stud: "starter stud",
	block: "engine block",
	head: "cylinder head",
	bodyFront: "body, front",
	bodyRear: "body, rear",
	main: "old main feed",
	ignition: "ignition",
	accessory: "accessory",
	start: "start wire",
	coil: "coil +",
	ecu: "ECU +",
	ecuEarth: "ECU earth",
	keyedSource: "keyed feed, source",
	keyed: "ECU keyed input",
	pump: "pump +",
	pumpEarth: "pump −",
	fan: "fan +",
	fanEarth: "fan −",
	field: "generator field"
};
/** Devices that are judged, in the order they are told. */
const DEVICES = [
	"ecu",
	"keyed",
	"pump",
	"injectors",
	"ignition",
	"heater",
	"fan",
	"headlamps",
	"side-lamps",
	"blower",
	"wipers",
	"gauges",
	"starter",
	"solenoid"
];
/** Accidental ways from engine to body: cables, bearings, exhaust. Typical, and no earth to rely on. */
const ACCIDENTAL_OHM = .3;
/** Body shell from end to end; its joints are what matters. Typical. */
const SHELL_OHM = .001;
/** Of a series ammeter, and of one contact of key and connector. Typical. */
const AMMETER_OHM = .004;
const KEY_OHM = .01;
const KILL_OHM = .0015;
const FUSIBLE_LINK_OHM = .004;
/** A ballast resistor or resistance wire. Typical. */
const BALLAST_OHM = 1.5;
/** Of a generator's field winding. Typical. */
const FIELD_OHM = 4;
const SILICON = {
	forwardV: .7,
	resistanceOhm: .05
};
const INJECTOR_DUTY = {
	idle: .05,
	full: .8
};
const dutyOf = (at) => INJECTOR_DUTY[at];
/** Inrush of fans and pumps over their running current. Typical. */
const FAN_STALLS = 4;
const PUMP_STALLS = 3;
/** Volts at which a device of 12 V is rated, engine running. */
const RATED_V = 13;
/** The network of a car, made from what was found and chosen; every device of it is in it. */
const carNetwork = (s) => {
	const wires = [];
	const contacts = [];
	const fuses = [];
	const loads = [];
	const relays = [];
	const diodes = [];
	const rows = [];
	const { design } = s;
	const contact = (id, from, to, resistanceOhm, closed = true) => {
		contacts.push({
			id,
			from,
			to,
			resistanceOhm,
			closed
		});
		return id;
	};
	/** A wire with its fuse at its beginning; one that is not fitted is open. */
	const wire = (role, from, to) => {
		const w = s.wires[role];
		if (!w.fitted) return [contact(role, from, to, .001, false)];
		const fused = w.fuseA !== null;
		const start = fused ? `${role} fuse out` : from;
		if (w.fuseA !== null) fuses.push({
			id: `${role}-fuse`,
			from,
			to: start,
			ratingA: w.fuseA,
			resistanceOhm: fuseOhm(w.fuseA)
		});
		wires.push(w.measuredOhm !== null ? {
			id: role,
			from: start,
			to,
			resistanceOhm: w.measuredOhm
		} : {
			id: role,
			from: start,
			to,
			lengthM: w.lengthM,
			ohmPerM: w.ohmPerM,
			temperatureK: w.temperatureK,
			contactOhm: w.jointOhm
		});
		return fused ? [`${role}-fuse`, role] : [role];
	};
	const relay = (id, coilPos, coilNeg, common, make) => {
		const { pullInV, dropOutV, coilOhm, coilK } = s.relay;
		relays.push({
			id,
			coilPos,
			coilNeg,
			coilOhm,
			coilTemperatureK: coilK,
			pullInV,
			dropOutV,
			common,
			make,
			contactOhm: .003
		});
		return id;
	};
	const row = (id, from, left, device, right, to) => {
		rows.push({
			id,
			from,
			left,
			device,
			right,
			to
		});
	};
	const { killSwitch } = s.old;
	const killsBattery = killSwitch === "battery" || killSwitch === "full";
	const killsKeyed = killSwitch === "ignition" || killSwitch === "full";
	const afterKill = killsBattery ? NODE.killed : NODE.post;
	if (killsBattery) row("kill", NODE.post, [contact("kill-switch", NODE.post, NODE.killed, KILL_OHM)], null, [], NODE.killed);
	row("starterCable", afterKill, wire("starterCable", afterKill, NODE.stud), null, [], NODE.stud);
	const { ratedV, stallA, runA, speed, kind } = starterLoad(s.starter);
	loads.push({
		id: "starter",
		kind,
		pos: NODE.stud,
		neg: NODE.block,
		ratedV,
		stallA,
		runA,
		speed,
		on: false
	});
	row("starter", NODE.stud, [], "starter", [], NODE.block);
	const batteryAtRear = s.batteryPlace !== "bay";
	row("batteryEarth", NODE.block, wire("batteryEarth", NODE.block, NODE.earth), null, [], NODE.earth);
	row("engineStrap", NODE.block, wire("engineStrap", NODE.block, NODE.bodyFront), null, [], NODE.bodyFront);
	const strapped = batteryAtRear ? NODE.bodyRear : NODE.bodyFront;
	row("bodyStrap", strapped, wire("bodyStrap", strapped, NODE.earth), null, [], NODE.earth);
	contact("shell", NODE.bodyFront, NODE.bodyRear, SHELL_OHM);
	contact("accidental", NODE.block, NODE.bodyFront, ACCIDENTAL_OHM);
	contact("head-joint", NODE.block, NODE.head, JOINT_OHM.good);
	const joints = JOINT_OHM[s.old.joints];
	const oldWay = [];
	let at = NODE.stud;
	const along = (id, ohm, to) => {
		oldWay.push(contact(id, at, to, ohm));
		at = to;
	};
	if (s.old.fusibleLink) along("fusible-link", FUSIBLE_LINK_OHM, "after fusible link");
	if (s.old.bulkheadConnector) along("bulkhead-connector", joints, "behind the bulkhead");
	const ammeterIn = s.old.ammeter ? "ammeter, battery side" : NODE.main;
	oldWay.push(...wire("oldFeed", at, ammeterIn));
	if (s.old.ammeter) {
		at = ammeterIn;
		along("ammeter", AMMETER_OHM + joints, NODE.main);
	}
	row("oldFeed", NODE.stud, oldWay, null, [], NODE.main);
	const joins = {
		"starter-stud": NODE.stud,
		"old-main": NODE.main,
		battery: NODE.post
	}[s.generator.joins];
	const generatorOut = "generator +";
	row("generator", joins, [...wire("chargeCable", generatorOut, joins)].reverse(), "generator", [], NODE.block);
	if (s.old.chargeLamp) {
		const lead = s.design.lampDiode === true ? "lamp lead" : NODE.ignition;
		if (s.design.lampDiode === true) diodes.push({
			id: "lamp-diode",
			anode: NODE.ignition,
			cathode: lead,
			...SILICON
		});
		loads.push({
			id: "charge-lamp",
			kind: "lamp",
			pos: lead,
			neg: NODE.field,
			ratedV: 12,
			ratedW: 2.2
		});
		loads.push({
			id: "field",
			kind: "resistance",
			pos: NODE.field,
			neg: NODE.block,
			ohm: FIELD_OHM,
			on: false
		});
		contact("field-fed", generatorOut, NODE.field, .05, false);
	}
	const keyIn = killsKeyed ? "key, behind the kill switch" : NODE.main;
	const keyLeft = killsKeyed ? [contact("kill-keyed", NODE.main, keyIn, KILL_OHM)] : [];
	row("key-run", NODE.main, [...keyLeft, contact("key-run", keyIn, NODE.ignition, KEY_OHM + joints, false)], null, [], NODE.ignition);
	row("key-acc", NODE.main, [...keyLeft, contact("key-acc", keyIn, NODE.accessory, KEY_OHM + joints, false)], null, [], NODE.accessory);
	contact("key-start", keyIn, NODE.start, KEY_OHM + joints, false);
	loads.push({
		id: "solenoid",
		kind: "resistance",
		pos: NODE.start,
		neg: NODE.block,
		ohm: 1,
		leastV: 6,
		on: false
	});
	row("solenoid", NODE.main, [...keyLeft, "key-start"], "solenoid", [], NODE.block);
	const coilIn = s.old.ballast ? "ballast, key side" : NODE.coil;
	const keyedSource = {
		relay: NODE.keyedSource,
		"run-and-start": NODE.ignition,
		"run-only": NODE.accessory,
		"after-ballast": NODE.coil
	}[design.keyedFeed];
	const coilFrom = design.coilFeed === "relay" && keyedSource !== NODE.coil ? keyedSource : NODE.ignition;
	const coilWire = wire("ignitionFeed", coilFrom, coilIn);
	if (s.old.ballast) coilWire.push(contact("ballast", coilIn, NODE.coil, BALLAST_OHM));
	loads.push({
		id: "ignition",
		kind: "resistance",
		pos: NODE.coil,
		neg: NODE.block,
		ohm: RATED_V / s.loads.ignitionA - (s.old.ballast ? 1.5 : 0) > .4 ? RATED_V / s.loads.ignitionA - (s.old.ballast ? BALLAST_OHM : 0) : .4,
		on: false,
		leastV: s.old.ballast ? 5 : 7,
		mostV: 16
	});
	row("ignition", coilFrom, coilWire, "ignition", [], NODE.block);
	const ecuSource = {
		battery: NODE.post,
		"starter-stud": NODE.stud,
		"kill-switch": killsBattery ? NODE.killed : keyIn,
		"old-main": NODE.main,
		ignition: NODE.ignition
	}[design.ecuFeed];
	const shared = design.relays === "shared";
	const ecuEarthAt = {
		battery: NODE.earth,
		block: NODE.block,
		head: NODE.head,
		body: NODE.bodyFront
	}[design.ecuEarth];
	const sharedOut = "shared relay, out";
	/** Feed of the coil that runs the pump, through whatever must be able to cut it. */
	const coilFeed = (from, coil) => {
		if (!s.inertiaSwitch) return from;
		contact("inertia-switch", from, coil, .02);
		return coil;
	};
	const ecuLeft = shared ? [...wire("ecuFeed", ecuSource, "shared relay, in"), relay("shared-relay", coilFeed(keyedSource, "shared relay, coil"), NODE.bodyFront, "shared relay, in", sharedOut)] : wire("ecuFeed", ecuSource, NODE.ecu);
	const ecuPlus = shared ? sharedOut : NODE.ecu;
	const ecuRight = wire("ecuEarth", NODE.ecuEarth, ecuEarthAt);
	loads.push({
		id: "ecu",
		kind: "power",
		pos: ecuPlus,
		neg: NODE.ecuEarth,
		powerW: s.loads.ecuW,
		leastV: s.ecu.leastV,
		mostV: 16,
		on: false
	});
	row("ecu", ecuSource, ecuLeft, "ecu", ecuRight, ecuEarthAt);
	loads.push({
		id: "injectors",
		kind: "resistance",
		pos: ecuPlus,
		neg: NODE.ecuEarth,
		ohm: s.loads.injectorOhm / s.loads.injectorCount,
		duty: dutyOf("idle"),
		on: false,
		leastV: s.ecu.leastV,
		mostV: 16
	});
	row("injectors", ecuSource, ecuLeft, "injectors", ecuRight, ecuEarthAt);
	loads.push({
		id: "memory",
		kind: "current",
		pos: ecuPlus,
		neg: NODE.ecuEarth,
		currentA: s.loads.restA
	});
	const keyedLeft = [];
	if (design.keyedFeed === "relay") {
		fuses.push({
			id: "keyed-relay-fuse",
			from: NODE.post,
			to: "keyed relay, in",
			ratingA: 10,
			resistanceOhm: fuseOhm(10)
		});
		diodes.push({
			id: "diode-run",
			anode: NODE.ignition,
			cathode: "keyed relay, coil",
			forwardV: .35,
			resistanceOhm: .1
		}, {
			id: "diode-start",
			anode: NODE.start,
			cathode: "keyed relay, coil",
			forwardV: .35,
			resistanceOhm: .1
		});
		keyedLeft.push("keyed-relay-fuse", relay("keyed-relay", "keyed relay, coil", NODE.bodyFront, "keyed relay, in", NODE.keyedSource));
	}
	keyedLeft.push(...wire("keyedFeed", keyedSource, NODE.keyed));
	loads.push({
		id: "keyed",
		kind: "resistance",
		pos: NODE.keyed,
		neg: NODE.ecuEarth,
		ohm: 60,
		leastV: s.ecu.leastV,
		mostV: 16
	});
	row("keyed", design.keyedFeed === "relay" ? NODE.post : keyedSource, keyedLeft, "keyed", ecuRight, ecuEarthAt);
	const pumpSource = {
		battery: NODE.post,
		"starter-stud": NODE.stud,
		"old-main": NODE.main
	}[design.pumpFeed];
	const pumpRight = wire("pumpEarth", NODE.pumpEarth, {
		body: NODE.bodyRear,
		battery: NODE.earth,
		frame: NODE.bodyRear
	}[design.pumpEarth]);
	const pumpEarthAt = design.pumpEarth === "battery" ? NODE.earth : NODE.bodyRear;
	let pumpLeft;
	if (shared) pumpLeft = ["shared-relay", ...wire("pumpFeed", sharedOut, NODE.pump)];
	else {
		pumpLeft = [...wire("pumpFeed", pumpSource, "pump relay, in")];
		if (design.pumpCut === "oil-pressure") {
			const pressed = "oil-pressure switch, out";
			contact("oil-switch", keyedSource, pressed, .02, false);
			diodes.push({
				id: "diode-bypass",
				anode: NODE.start,
				cathode: pressed,
				...SILICON
			});
			pumpLeft.push(relay("pump-relay", coilFeed(pressed, "pump relay, coil"), NODE.bodyFront, "pump relay, in", NODE.pump));
		} else {
			pumpLeft.push(relay("pump-relay", coilFeed(keyedSource, "pump relay, coil"), "pump relay, driver", "pump relay, in", NODE.pump));
			contact("ecu-drives-pump", "pump relay, driver", NODE.ecuEarth, .1, false);
		}
	}
	loads.push({
		id: "pump",
		kind: "motor",
		pos: NODE.pump,
		neg: NODE.pumpEarth,
		ratedV: 13.5,
		stallA: PUMP_STALLS * s.loads.pumpA,
		runA: s.loads.pumpA,
		mostV: 16
	});
	row("pump", shared ? ecuSource : pumpSource, pumpLeft, "pump", pumpRight, pumpEarthAt);
	const behindPump = shared ? sharedOut : NODE.pump;
	const heaterFrom = {
		keyed: keyedSource,
		"pump-relay": behindPump,
		constant: NODE.post
	}[design.heaterFeed];
	loads.push({
		id: "heater",
		kind: "resistance",
		pos: heaterFrom,
		neg: NODE.ecuEarth,
		ohm: RATED_V ** 2 / s.loads.heaterW,
		mostV: 16
	});
	row("heater", heaterFrom, [], "heater", ecuRight, ecuEarthAt);
	const gaugesFrom = design.gaugesFeed === "pump-relay" ? behindPump : NODE.ignition;
	loads.push({
		id: "gauges",
		kind: "resistance",
		pos: gaugesFrom,
		neg: NODE.bodyFront,
		ohm: s.loads.gaugesA > 0 ? RATED_V / s.loads.gaugesA : 1e6,
		mostV: 16
	});
	row("gauges", gaugesFrom, [], "gauges", [], NODE.bodyFront);
	if (s.fan !== "none") {
		const toEarth = design.fanTrigger === "earth";
		const fanCoil = toEarth ? [NODE.ignition, "fan relay, driver"] : ["fan relay, driver", NODE.bodyFront];
		const left = s.fan === "relay" ? [...wire("fanFeed", NODE.post, "fan relay, in"), relay("fan-relay", fanCoil[0], fanCoil[1], "fan relay, in", NODE.fan)] : [...wire("fanFeed", NODE.ignition, "fan switch"), contact("fan-switch", "fan switch", NODE.fan, .02 + joints, false)];
		if (s.fan === "relay") contact("ecu-drives-fan", "fan relay, driver", toEarth ? NODE.ecuEarth : ecuPlus, .1, false);
		loads.push({
			id: "fan",
			kind: "motor",
			pos: NODE.fan,
			neg: NODE.fanEarth,
			ratedV: RATED_V,
			stallA: FAN_STALLS * s.loads.fanA,
			runA: s.loads.fanA,
			torque: "quadratic",
			mostV: 16
		});
		row("fan", s.fan === "relay" ? NODE.post : NODE.ignition, left, "fan", wire("fanEarth", NODE.fanEarth, NODE.bodyFront), NODE.bodyFront);
	}
	const box = wire("lightsFeed", NODE.main, "fuse box");
	contact("light-switch", "fuse box", "lamps", KEY_OHM + joints, false);
	const lamp = (id, ratedW) => {
		if (ratedW <= 0) return;
		loads.push({
			id,
			kind: "lamp",
			pos: "lamps",
			neg: NODE.bodyFront,
			ratedV: RATED_V,
			ratedW,
			mostV: 15,
			leastV: 10.5,
			on: false
		});
		row(id, NODE.main, [...box, "light-switch"], id, [], NODE.bodyFront);
	};
	lamp("headlamps", s.loads.headlampsW);
	lamp("side-lamps", s.loads.sideLampsW);
	const motor = (id, runA, torque, stalls) => {
		if (runA <= 0) return;
		loads.push({
			id,
			kind: "motor",
			pos: NODE.accessory,
			neg: NODE.bodyFront,
			ratedV: RATED_V,
			stallA: stalls * runA,
			runA,
			torque,
			mostV: 16,
			on: false
		});
		row(id, NODE.accessory, [], id, [], NODE.bodyFront);
	};
	motor("blower", s.loads.blowerA, "quadratic", 4);
	motor("wipers", s.loads.wipersA, "constant", 4);
	const { openCircuitV, resistanceOhm, chargeOhm } = batteryState(s.battery);
	const sources = [{
		id: "battery",
		kind: "battery",
		pos: NODE.post,
		neg: NODE.earth,
		openCircuitV,
		resistanceOhm,
		chargeOhm
	}, {
		id: "generator",
		kind: "alternator",
		pos: generatorOut,
		neg: NODE.block,
		setV: s.generator.setV,
		setPerK: s.generator.setPerK,
		droopOhm: s.generator.droopOhm,
		limitA: s.generator.output,
		speedRpm: 0
	}];
	return {
		network: {
			reference: NODE.earth,
			wires,
			contacts,
			fuses,
			sources,
			loads,
			relays,
			diodes
		},
		rows
	};
};
// packages/core/src/power/car/conditions.ts
/** Operating conditions in which every device has its volts. */
const CONDITIONS = [
	"prime",
	"crank-warm",
	"crank-cold",
	"release",
	"idle",
	"fan-inrush",
	"full-load",
	"night-rain",
	"key-off"
];
const CONDITION_WORDS = {
	prime: "Key on, priming",
	"crank-warm": "Cranking, warm",
	"crank-cold": "Cranking, cold",
	release: "Key let go, engine firing",
	idle: "Idle",
	"fan-inrush": "Idle, fan starts",
	"full-load": "Full load",
	"night-rain": "Idle, night in rain",
	"key-off": "Key off"
};
/** Warm start, a mild day, a hot bay: K. */
const WARM_START_K = 298.15;
const COLD_REGULATOR_K = 283.15;
/** Battery of a supply at a temperature, as a change of the network. */
const batteryAt = (s, temperatureK) => ({
	id: "battery",
	...batteryState({
		...s.battery,
		temperatureK
	})
});
const partsOn = (...ids) => ids.map((id) => ({
	id,
	on: true
}));
const partsClosed = (...ids) => ids.map((id) => ({
	id,
	closed: true
}));
const [on, closed] = [partsOn, partsClosed];
/** Key on, engine turning by itself, generator charging. */
const runningChanges = (s, { engineRpm, regulatorK, duty }) => [
	...closed("key-run", "ecu-drives-pump", "key-acc", "oil-switch", "field-fed"),
	...on("ecu", "ignition"),
	{
		id: "generator",
		speedRpm: Math.min(3e4, engineRpm * s.generator.pulleyRatio),
		temperatureK: regulatorK
	},
	{
		id: "injectors",
		on: true,
		duty
	}
];
const FAN_ON = closed("ecu-drives-fan", "fan-switch");
const NIGHT_ON = [...closed("light-switch"), ...on("headlamps", "side-lamps", "blower", "wipers")];
const HOT_REGULATOR_K = 343.15;
/** Changes of parts that a network has; a design leaves some out. */
const changesWithin = (network, changes) => {
	const there = new Set([
		network.wires,
		network.contacts,
		network.sources,
		network.loads,
		network.relays
	].flatMap((list) => (list ?? []).map((p) => p.id)));
	return changes.filter((c) => there.has(c.id));
};
/**
* Changes that make a condition of a network; parts that a design has not are left out.
* @param crankRadS speed of the crank while cranking, by warm and cold start
*/
const conditionMoment = (s, network, id, crankRadS) => {
	const engineOn = [...closed("key-run", "ecu-drives-pump"), ...on("ecu", "ignition")];
	const acc = closed("key-acc");
	const run = (running) => runningChanges(s, running);
	const idle = {
		engineRpm: s.speeds.idleRpm,
		regulatorK: HOT_REGULATOR_K,
		duty: dutyOf("idle")
	};
	const crank = (which) => [
		...engineOn,
		...closed("key-start"),
		...on("solenoid", "field"),
		{
			id: "injectors",
			on: true,
			duty: dutyOf("idle")
		},
		{
			id: "starter",
			on: true,
			speed: Math.min(2, starterShare(s.starter, crankRadS[which]))
		},
		batteryAt(s, which === "crank-warm" ? WARM_START_K : s.coldestK)
	];
	const changes = (() => {
		switch (id) {
			case "prime": return [
				...engineOn,
				...acc,
				...on("field")
			];
			case "crank-warm":
			case "crank-cold": return crank(id);
			case "release": return [
				...engineOn,
				...acc,
				...closed("oil-switch"),
				...on("field"),
				{
					id: "injectors",
					on: true,
					duty: dutyOf("idle")
				}
			];
			case "idle": return run({
				...idle,
				regulatorK: COLD_REGULATOR_K
			});
			case "fan-inrush": return [
				...run(idle),
				...FAN_ON,
				{
					id: "fan",
					speed: 0
				}
			];
			case "full-load": return run({
				engineRpm: s.speeds.fullRpm,
				regulatorK: HOT_REGULATOR_K,
				duty: dutyOf("full")
			});
			case "night-rain": return [
				...run(idle),
				...FAN_ON,
				...NIGHT_ON
			];
			case "key-off": return [];
		}
	})();
	return {
		id,
		changes: changesWithin(network, changes)
	};
};
// packages/core/src/power/car/solveCar.ts
/** Temperature of engine and oil at a start, K. A warm start is one after a short stop. */
const HOT_OIL_K = 343.15;
const startK = (s, which) => which === "crank-warm" ? {
	oilK: HOT_OIL_K,
	batteryK: WARM_START_K
} : {
	oilK: s.coldestK,
	batteryK: s.coldestK
};
/** The engine as the starter feels it at that start. */
const engineAt = (s, which) => ({
	...s.engine,
	oilFactor: s.engine.oilFactor * oilFactor(startK(s, which).oilK)
});
const MOST_RAD_S = 60;
/** Two turns' mean of what compression takes: worked out once for an engine. */
const meansGas = /* @__PURE__ */ new WeakMap();
const meanGas = (e) => {
	let own = meansGas.get(e);
	if (own === void 0) meansGas.set(e, own = meanGasNm(e));
	return own;
};
/**
* Mean speed at which starter and engine are in balance, rad/s at the crank: the starter's torque at the current that the
* network lets it have against friction and compression. 0 where it does not turn. By false position on a falling balance.
*/
const crankSpeedRadS = (s, net, which) => {
	const engine = engineAt(s, which);
	const gas = meanGas(s.engine);
	const live = liveOn(net, conditionMoment(s, net.case, which, {
		"crank-warm": 0,
		"crank-cold": 0
	}));
	const surplus = (rad) => {
		live.setSpeed("starter", starterShare(s.starter, rad));
		live.advance(1);
		return starterNm(s.starter, live.currentOf("starter")) - frictionNm(engine, rad * 30 / Math.PI) + gas;
	};
	let [low, high] = [0, MOST_RAD_S];
	let [atLow, atHigh] = [surplus(low), surplus(high)];
	if (atLow <= 0) return 0;
	if (atHigh >= 0) return high;
	for (let n = 0; n < 12 && high - low > .02; n++) {
		const rad = Math.min(high - .01, Math.max(low + .01, low + (high - low) * atLow / (atLow - atHigh)));
		const at = surplus(rad);
		if (Math.abs(at) < .02) return rad;
		if (at > 0) [low, atLow] = [rad, at];
		else [high, atHigh] = [rad, at];
	}
	return (low + high) / 2;
};
/** Moments in an order in which relays stand as they would: key on before start, start before letting go. */
const ORDER = CONDITIONS;
/**
* Every operating condition of a car's supply, solved in the order of the key.
* @param without parts taken out of the drawing, by id
*/
const solveCar = (supply, without = []) => {
	const whole = carNetwork(supply);
	const car = without.length === 0 ? whole : {
		...whole,
		network: withoutParts(whole.network, without)
	};
	const { network } = car;
	const net = compileNetwork(network);
	const crankRadS = {
		"crank-warm": crankSpeedRadS(supply, net, "crank-warm"),
		"crank-cold": crankSpeedRadS(supply, net, "crank-cold")
	};
	const moments = solveMoments(net, ORDER.map((id) => conditionMoment(supply, network, id, crankRadS)));
	return {
		supply,
		car,
		crankRadS,
		at: Object.fromEntries(moments.map((m) => [m.id, m]))
	};
};
const gone = (list, ids) => (list ?? []).filter((p) => !ids.includes(p.id));
/** A network with parts taken out; what hangs on them stays, connected to what is left. */
const withoutParts = (n, ids) => ({
	...n,
	wires: gone(n.wires, ids),
	contacts: gone(n.contacts, ids),
	fuses: gone(n.fuses, ids),
	sources: gone(n.sources, ids),
	loads: gone(n.loads, ids),
	relays: gone(n.relays, ids),
	diodes: gone(n.diodes, ids)
});
// packages/core/src/power/car/crankRig.ts
/** Devices whose volts are followed while cranking. */
const FOLLOWED = [
	"ecu",
	"keyed",
	"pump",
	"ignition"
];
const STANDING$1 = {
	"crank-warm": 0,
	"crank-cold": 0
};
/** A start of the car as a trace takes it: relays as they stood with the key on. */
const crankRigOf = (c, which) => {
	const { supply: s, car } = c;
	const { network } = car;
	const there = (id) => (network.loads ?? []).some((l) => l.id === id);
	const relays = (network.relays ?? []).map((r) => r.id);
	const primed = c.at.prime.parts;
	const { openCircuitV, resistanceOhm } = batteryState({
		...s.battery,
		temperatureK: which === "crank-warm" ? WARM_START_K : s.coldestK
	});
	return {
		network,
		moment: conditionMoment(s, network, which, STANDING$1),
		energised: new Map(relays.map((id) => [id, primed[id].energised])),
		batteryId: "battery",
		battery: {
			openCircuitV,
			resistanceOhm
		},
		starterId: "starter",
		starter: s.starter,
		engine: engineAt(s, which),
		ecu: there("ecu") ? {
			loadId: "ecu",
			keyedId: there("keyed") ? "keyed" : null,
			...s.ecu
		} : null,
		drivenByEcu: ["ecu-drives-pump", "ecu-drives-fan"].filter((id) => (network.contacts ?? []).some((k) => k.id === id)),
		watch: FOLLOWED.filter((id) => DEVICES.includes(id) && there(id)),
		relays
	};
};
// packages/core/src/power/car/pumpVolts.ts
const COLD_MORNING_K = 273.15;
const NO_CRANK = {
	"crank-warm": 0,
	"crank-cold": 0
};
const MOST_KEPT$1 = 64;
/** By the supply as text: fuel designs are tried by the hundred on one and the same supply. */
const kept$1 = /* @__PURE__ */ new Map();
/** From the solved network of the car. */
const pumpVolts = (supply) => {
	const key = JSON.stringify(supply);
	const known = kept$1.get(key);
	if (known) return known;
	const { network } = carNetwork(supply);
	const full = conditionMoment(supply, network, "full-load", NO_CRANK);
	const [low, running, high] = solveMoments(compileNetwork(network), [
		conditionMoment(supply, network, "night-rain", NO_CRANK),
		full,
		{
			id: "cold",
			changes: [...full.changes, {
				id: "generator",
				temperatureK: COLD_MORNING_K
			}]
		}
	]).map((m) => m.parts["pump"].voltageV);
	const found = {
		lowV: low,
		runningV: running,
		highV: high
	};
	if (kept$1.size >= MOST_KEPT$1) kept$1.clear();
	kept$1.set(key, found);
	return found;
};
// packages/core/src/power/generator/generatorOutput.ts
/** Cut-in of a typical generator, shaft rpm. Typical. */
const CUT_IN_RPM = {
	alternator: 1100,
	dynamo: 1250
};
/**
* Output of a typical generator from its rating. Alternator: I = I_r (1 - exp(-(n - n0)/n1)) with n1 = 1500 rpm, from cut-in.
* Dynamo: straight from nothing at cut-in to its rating at 2.1 times that speed, held there by its regulator's current coil.
* Typical; a table measured on the bench wins.
*/
const typicalOutput = (kind, ratedA, cutInRpm) => {
	if (kind === "dynamo") return [
		[0, 0],
		[cutInRpm, 0],
		[2.1 * cutInRpm, ratedA]
	];
	return [[0, 0], ...[
		0,
		300,
		600,
		1e3,
		1600,
		2500,
		4e3,
		6e3,
		12e3
	].map((over) => [cutInRpm + over, ratedA * (1 - Math.exp(-over / 1500))])];
};
/** Set point of a regulator at 25 °C, and how it falls with its temperature, V and V/K. Typical. */
const REGULATOR = {
	alternator: {
		setV: 14.2,
		setPerK: -.008,
		droopOhm: .008
	},
	dynamo: {
		setV: 14.2,
		setPerK: -.01,
		droopOhm: .03
	}
};
// packages/core/src/power/wire/ampacity.ts
/**
* Continuous current of one thin-wall cross-linked wire (125 °C class) in still air at 85 °C, A by mm²: steady rise of
* temperature, conduction through the insulation, free convection (Churchill and Chu) and radiation. Computed for standard
* sizes at their maximum resistance; a tenth less for bundles that lie close, as the tables are used.
*/
const AT_85 = [
	[.35, 8.5],
	[.5, 10.7],
	[.75, 13.8],
	[1, 16.4],
	[1.5, 20.8],
	[2, 25.3],
	[2.5, 29],
	[3, 33.4],
	[4, 39.6],
	[6, 51.4],
	[8, 62.1],
	[10, 74.9],
	[16, 101],
	[20, 115],
	[25, 136],
	[35, 172],
	[50, 218]
];
const TABLE_K = 358.15;
/** Highest conductor temperature by class, K: ISO 6722 and SAE J1128, from memory. */
const INSULATION_K = {
	xlpe: 398.15,
	pvc: 358.15
};
const AMPACITY_SHARE = .9;
/** Share of its current that a wire of so many loaded ones in a bundle bears: IEC 60364-5-52, table B.52.17, from memory. */
const BUNDLE = [
	[1, 1],
	[2, .8],
	[3, .7],
	[4, .65],
	[5, .6],
	[6, .57],
	[7, .54],
	[8, .52],
	[9, .5],
	[12, .45],
	[16, .41],
	[20, .38]
];
/** @param loadedWires 1 to 20, itself among them; straight between the lines of the table */
const bundleFactor = (loadedWires) => {
	const i = BUNDLE.findIndex(([n]) => n >= loadedWires);
	if (i < 0) return BUNDLE.at(-1)[1];
	if (i === 0) return 1;
	const [[n0, f0], [n1, f1]] = [BUNDLE[i - 1], BUNDLE[i]];
	return f0 + (f1 - f0) * (loadedWires - n0) / (n1 - n0);
};
/**
* Continuous current that a wire bears where it runs, A; 0 where its surroundings are as hot as its insulation may get.
* Rescaled by the root of the rise: IEC 60364-5-52, from memory; within some 3 % of the computed table.
*/
const ampacityA = (sectionM2, ambientK, { insulation = "xlpe", loadedWires = 1 } = {}) => {
	const mm2 = sectionM2 * 1e6;
	const i = Math.min(AT_85.length - 1, Math.max(1, AT_85.findIndex(([a]) => a >= mm2)));
	const j = AT_85.at(-1)[0] < mm2 ? AT_85.length - 1 : i;
	const [[a0, i0], [a1, i1]] = [AT_85[j - 1], AT_85[j]];
	const share = Math.log(mm2 / a0) / Math.log(a1 / a0);
	const at85 = i0 * (i1 / i0) ** share;
	const rise = Math.sqrt(Math.max(0, INSULATION_K[insulation] - ambientK) / (INSULATION_K.xlpe - TABLE_K));
	return AMPACITY_SHARE * at85 * rise * bundleFactor(loadedWires);
};
/** k of a short, A·s^½/mm², from a wire at its class limit: IEC 60364-4-43, from memory. */
const SHORT_K = {
	xlpe: 124,
	pvc: 104
};
/** Let-through that heats the conductor from its class limit to what its insulation bears for a moment, A²s: (k A)². */
const shortLimitA2S = (sectionM2, insulation) => (SHORT_K[insulation] * sectionM2 * 1e6) ** 2;
// packages/core/src/power/wire/fuseTimes.ts
/**
* Operating times of blade fuses by the share of their rating, s, earliest and latest: ISO 8820-1 and -3, from memory.
* Above six times the energy counts (I²t as at six times).
*/
const BLADE = [
	[
		1.1,
		36e4,
		Infinity
	],
	[
		1.35,
		.75,
		600
	],
	[
		1.6,
		.25,
		50
	],
	[
		2,
		.15,
		5
	],
	[
		3.5,
		.04,
		.5
	],
	[
		6,
		.02,
		.1
	]
];
const [CARRIES, BLOWS] = [BLADE[0][0], BLADE[1][0]];
const between = (share, which) => {
	const i = BLADE.findIndex(([s]) => s >= share);
	if (i < 0) {
		const [s, ...times] = BLADE.at(-1);
		return times[which - 1] * (s / share) ** 2;
	}
	const [s0, ...t0] = BLADE[i - 1];
	const [s1, ...t1] = BLADE[i];
	const x = Math.log(share / s0) / Math.log(s1 / s0);
	return Math.exp(Math.log(t0[which - 1]) + x * (Math.log(t1[which - 1]) - Math.log(t0[which - 1])));
};
/** Shortest time after which a fuse may open at so many times its rating, s; Infinity where it carries that for good. */
const earliestBlowS = (share) => share <= CARRIES ? Infinity : between(share, 1);
/** Longest time that it may take, s; Infinity where it need not open at all. */
const latestBlowS = (share) => share < BLOWS ? Infinity : between(share, 2);
/**
* Share of a fuse's life that one inrush takes, at the early end of its standard: the integral of dt over the time in which
* it may open at that current. From 1 on it may open; kept under 0.3 it bears being repeated: rule of thumb.
*/
const inrushWear = (inrush, ratingA) => {
	const { peakA, settlesAtA, tauS } = inrush;
	const [steps, forS] = [200, 6 * tauS];
	let worn = 0;
	for (let i = 0; i < steps; i++) {
		const t = (i + .5) * forS / steps;
		const amps = settlesAtA + (peakA - settlesAtA) * Math.exp(-t / tauS);
		worn += forS / steps / earliestBlowS(amps / ratingA);
	}
	return worn;
};
/** Share of its rating that a fuse carries for good; less where it is warm: 0.12 % a kelvin above 25 °C. Typical. */
const LOAD_SHARE = .75;
const fuseWarmth = (ambientK) => 1 - .0012 * Math.max(0, ambientK - 298.15);
/** Least rating for a current that flows for good, A. */
const leastFuseA = (continuousA, ambientK) => continuousA / (LOAD_SHARE * fuseWarmth(ambientK));
/** Standard ratings that carry the load and are carried by the wire, least first, A. */
const fusesFor = (continuousA, ambientK, wireBearsA) => FUSE_RATINGS_A.filter((a) => a >= leastFuseA(continuousA, ambientK) && a <= wireBearsA);
// packages/core/src/power/wire/leastWire.ts
const WIRE_KINDS = [
	"mm2",
	"awg",
	"sae"
];
/** Resistance of a length of a size, at a temperature, without terminals, ohm. */
const wireOhm = (size, lengthM, temperatureK) => size.ohmPerM * lengthM * (1 + COPPER.coefficientPerK * (temperatureK - REFERENCE_K));
/** Current against the fuse's slowest time and the wire's own limit. */
const shortAtEnd = (currentA, fuseA, sectionM2, insulation) => {
	const opensWithinS = latestBlowS(currentA / fuseA);
	const wireBearsS = shortLimitA2S(sectionM2, insulation) / Math.max(1e-9, currentA) ** 2;
	return {
		currentA,
		opensWithinS,
		wireBearsS,
		clears: opensWithinS <= wireBearsS
	};
};
/** What speaks against a size; empty where it will do. */
const sizeLacks = (size, d) => {
	const ohm = wireOhm(size, d.lengthM, d.ambientK);
	const bears = ampacityA(size.sectionM2, d.ambientK, d);
	const shortA = d.short.volts / (d.short.otherOhm + ohm);
	return [
		...(d.dropCurrentA ?? d.currentA) * (ohm + d.jointOhm) > d.limitV ? ["drop"] : [],
		...bears < d.currentA ? ["heat"] : [],
		...d.fuseA !== null && bears < d.fuseA ? ["fuse"] : [],
		...d.fuseA !== null && !shortAtEnd(shortA, d.fuseA, size.sectionM2, d.insulation).clears ? ["short"] : []
	];
};
const bySection = (kind) => WIRE_SIZES.filter((s) => s.id.startsWith(`${kind}-`)).sort((a, b) => a.sectionM2 - b.sectionM2);
/** Least standard size of a kind that does everything asked of it; null where none does. */
const leastWire = (d, kind) => {
	let governs = [];
	for (const size of bySection(kind)) {
		const lacks = sizeLacks(size, d);
		if (lacks.length === 0) return {
			size,
			governs
		};
		governs = lacks;
	}
	return null;
};
// packages/core/src/power/sensors/sensorError.ts
/** A resistor to 5 V in the ECU, the sensor to earth: volts are read against the ECU's own sensor earth. */
const REFERENCE_V = 5;
const TYPICAL_THERMISTOR = {
	r25Ohm: 2800,
	betaK: 3500,
	biasOhm: 2490
};
const T25 = 298.15;
const thermistorOhm = ({ r25Ohm, betaK }, temperatureK) => r25Ohm * Math.exp(betaK * (1 / temperatureK - 1 / T25));
const temperatureOf = ({ r25Ohm, betaK }, ohm) => 1 / (1 / T25 + Math.log(ohm / r25Ohm) / betaK);
/**
* Volts at the ECU's input where a sensor that gives a share of its supply is returned to a potential of `liftV` above the
* ECU's sensor earth: both ends of the divider are then 5 V and that.
*/
const readV = (share, liftV) => liftV + (REFERENCE_V - liftV) * share;
/**
* What a thermistor seems to be at where its return is lifted, K; null where the input is outside what it can read, which
* an ECU takes for a broken lead.
*/
const seemsK = (t, temperatureK, liftV) => {
	const ohm = thermistorOhm(t, temperatureK);
	const v = readV(ohm / (ohm + t.biasOhm), liftV);
	if (v <= 0 || v >= REFERENCE_V) return null;
	return temperatureOf(t, t.biasOhm * v / (REFERENCE_V - v));
};
/** A manifold pressure sensor of naturally aspirated engines: 20 to 105 kPa over 0.25 to 4.75 V. Typical. */
const MAP = {
	fromPa: 2e4,
	toPa: 105e3,
	fromV: .25,
	toV: 4.75
};
const shareOfPa = (pa) => (MAP.fromV + (pa - MAP.fromPa) / (MAP.toPa - MAP.fromPa) * (MAP.toV - MAP.fromV)) / REFERENCE_V;
/** Error of a manifold pressure, Pa: lifted by its return, in proportion to what is left of its supply. */
const pressureErrorPa = (pressurePa, liftV) => {
	const share = shareOfPa(pressurePa);
	return (readV(share, liftV) - REFERENCE_V * share) * (MAP.toPa - MAP.fromPa) / (MAP.toV - MAP.fromV);
};
/** A throttle sensor: 10 to 90 % of its supply from shut to open. Typical. */
const throttleErrorShare = (openShare, liftV) => {
	const share = .1 + .8 * openShare;
	return (readV(share, liftV) - REFERENCE_V * share) / (.8 * REFERENCE_V);
};
/** Analogue output of a wideband controller: lambda 0.7 to 1.3 over 0 to 5 V. Typical; its own sheet decides. */
const LAMBDA_PER_V = .12;
const lambdaError = (liftV) => LAMBDA_PER_V * liftV;
const SENSORS = [
	"coolant",
	"air",
	"manifold",
	"throttle",
	"oxygen"
];
/** Where each is looked at: a warm engine, a mild day, idle. Pa, K, share. */
const AT = {
	coolantK: 358.15,
	airK: 298.15,
	manifoldPa: 4e4,
	throttleShare: .05
};
/**
* Error of a sensor whose return stands `liftV` above the ECU's sensor earth, in its own unit: K, Pa, share or lambda.
* Null: outside what the ECU can read.
*/
const sensorError = (sensor, liftV, t = TYPICAL_THERMISTOR) => {
	switch (sensor) {
		case "coolant":
		case "air": {
			const trueK = sensor === "coolant" ? AT.coolantK : AT.airK;
			const k = seemsK(t, trueK, liftV);
			return k === null ? null : k - trueK;
		}
		case "manifold": return pressureErrorPa(AT.manifoldPa, liftV);
		case "throttle": return throttleErrorShare(AT.throttleShare, liftV);
		case "oxygen": return lambdaError(liftV);
	}
};
/** A battery at rest loses by itself: 4 % of its capacity a month when new. Typical. */
const SELF_DISCHARGE_PER_S = .04 / 2592e3;
/** Time at rest until it no longer starts, s. Drain A, capacity C, states of charge 0 to 1. */
const restTimeS = ({ drainA, capacityC, charge, leastCharge }) => {
	const lossA = Math.max(0, drainA) + SELF_DISCHARGE_PER_S * capacityC;
	return Math.max(0, charge - leastCharge) * capacityC / lossA;
};
// packages/core/src/power/charging/startsAtCharge.ts
const RAD_S = Math.PI / 30;
/** Whether it starts cold with its battery at a state of charge: fast enough, ECU and keyed input above their minimum. */
const startsAtCharge = (supply, charge, leastRpm) => {
	const s = {
		...supply,
		battery: {
			...supply.battery,
			charge
		}
	};
	const { network } = carNetwork(s);
	const net = compileNetwork(network);
	const cold = crankSpeedRadS(s, net, "crank-cold");
	if (cold < leastRpm * RAD_S) return false;
	const rad = {
		"crank-cold": cold,
		"crank-warm": cold
	};
	const moments = solveMoments(net, [conditionMoment(s, network, "prime", rad), conditionMoment(s, network, "crank-cold", rad)]);
	const volts = (id) => moments[1].parts[id]?.voltageV ?? 0;
	return volts("ecu") >= s.ecu.leastV && volts("keyed") >= s.ecu.leastV;
};
/** Below it a battery gives no cranking current for long, whatever its voltage at rest says. Rule of thumb. */
const FLAT_CHARGE = .2;
/**
* Least state of charge at which it still starts cold, by bisection to half a per cent; never below a flat battery; null where it does not start even
* as it is.
*/
const leastChargeToStart = (supply, leastRpm) => {
	const { charge } = supply.battery;
	if (charge <= .2 || !startsAtCharge(supply, charge, leastRpm)) return null;
	let [bad, good] = [FLAT_CHARGE, charge];
	if (startsAtCharge(supply, bad, leastRpm)) return FLAT_CHARGE;
	while (good - bad > .005) {
		const middle = (bad + good) / 2;
		if (startsAtCharge(supply, middle, leastRpm)) good = middle;
		else bad = middle;
	}
	return good;
};
// packages/core/src/power/stop/stopTable.ts
const STOPPED = [
	"ignition",
	"pump",
	"starter"
];
/** What must be live and what dead: rules of safety, whatever the wiring. */
const mustBe = ({ key, kill, inertia, turning }) => {
	const on = key !== "off" && kill === "closed";
	return {
		ignition: on ? turning ? "live" : "either" : "dead",
		pump: on && inertia === "set" && turning ? "live" : "dead",
		starter: on && key === "start" ? "live" : "dead"
	};
};
/** Above so many volts a coil still sparks, a pump still delivers, a solenoid still holds. Typical. */
const LIVE_V$1 = {
	ignition: 4,
	pump: 4,
	starter: 4
};
/** A fan in the wind of a fast road: share of its rated speed. Typical. */
const WIND_SHARE = .6;
const changesOf = (s, c, ecuAlive) => {
	const keyed = c.key !== "off";
	const open = c.kill === "open";
	const turning = c.turning;
	const running = runningChanges(s, {
		engineRpm: s.speeds.idleRpm * 2,
		regulatorK: HOT_REGULATOR_K,
		duty: .1
	});
	const switches = [
		{
			id: "key-run",
			closed: keyed
		},
		{
			id: "key-acc",
			closed: c.key === "run"
		},
		{
			id: "key-start",
			closed: c.key === "start"
		},
		{
			id: "kill-switch",
			closed: !open
		},
		{
			id: "kill-keyed",
			closed: !open
		},
		{
			id: "inertia-switch",
			closed: c.inertia === "set"
		},
		{
			id: "oil-switch",
			closed: turning
		},
		{
			id: "field-fed",
			closed: turning
		},
		{
			id: "field",
			on: !turning
		},
		{
			id: "ecu-drives-pump",
			closed: turning && ecuAlive
		},
		{
			id: "ecu",
			on: ecuAlive
		},
		{
			id: "injectors",
			on: ecuAlive && turning
		},
		{
			id: "solenoid",
			on: true
		},
		...c.wind ? [{
			id: "fan-switch",
			closed: true
		}, {
			id: "fan",
			speed: WIND_SHARE
		}] : [],
		...!turning || open && s.old.killSwitch === "full" ? [{
			id: "generator",
			mode: "off"
		}] : []
	];
	return [
		...running.filter((r) => !switches.some((x) => x.id === r.id)),
		...partsOn("ignition"),
		...switches
	];
};
const RUNNING = {
	key: "run",
	kill: "closed",
	inertia: "set",
	turning: true,
	wind: false
};
const outcomeOf = (s, net, when) => {
	const moment = (id, c, alive) => ({
		id,
		changes: changesWithin(net.case, changesOf(s, c, alive))
	});
	const first = solveMoments(net, [moment("running", RUNNING, true), moment("then", when, true)]);
	const volts = (m, id) => Math.abs(m.parts[id]?.voltageV ?? 0);
	const last = volts(first[1], "keyed") >= s.ecu.leastV && volts(first[1], "ecu") >= s.ecu.leastV ? first[1] : solveMoments(net, [
		moment("running", RUNNING, true),
		moment("then", when, true),
		moment("last", when, false)
	])[2];
	const at = {
		ignition: volts(last, "ignition"),
		pump: volts(last, "pump"),
		starter: volts(last, "solenoid")
	};
	const must = mustBe(when);
	const is = Object.fromEntries(STOPPED.map((d) => [d, at[d] > LIVE_V$1[d] ? "live" : "dead"]));
	return {
		when,
		must,
		volts: at,
		is,
		wrong: STOPPED.filter((d) => must[d] !== "either" && must[d] !== is[d])
	};
};
/** Every combination that a car has: no kill switch, no inertia switch or no electric fan leaves theirs out. */
const stopCases = (s) => {
	const kills = s.old.killSwitch === "none" ? ["closed"] : ["closed", "open"];
	const inertias = s.inertiaSwitch ? ["set", "tripped"] : ["set"];
	const winds = s.fan === "none" ? [false] : [false, true];
	return [
		"off",
		"run",
		"start"
	].flatMap((key) => kills.flatMap((kill) => inertias.flatMap((inertia) => [true, false].flatMap((turning) => key === "start" && !turning ? [] : winds.map((wind) => ({
		key,
		kill,
		inertia,
		turning,
		wind
	}))))));
};
const steps = (c) => Number(c.key !== "run") + Number(c.kill === "open") + Number(c.inertia === "tripped") + Number(!c.turning);
/** The lines in which one thing has moved since the car ran: where those are right, the whole table is. */
const singleStops = (s) => {
	const net = compileNetwork(carNetwork(s).network);
	return stopCases(s).filter((c) => steps(c) <= 1).map((c) => outcomeOf(s, net, c));
};
const WORDS = {
	key: {
		off: "key off",
		run: "key on",
		start: "key in start"
	},
	kill: {
		closed: "",
		open: "kill switch open"
	},
	inertia: {
		set: "",
		tripped: "inertia switch tripped"
	}
};
/** "Key on, kill switch open, engine still turning". */
const stopWords = (c) => {
	const said = [
		WORDS.key[c.key],
		WORDS.kill[c.kill],
		WORDS.inertia[c.inertia],
		c.turning ? "engine turning" : "engine stopped",
		c.wind ? "fan in the wind" : ""
	].filter((w) => w !== "").join(", ");
	return said.charAt(0).toUpperCase() + said.slice(1);
};
// packages/core/src/stations/power/wireChecks.ts
const CONTROL = {
	back: null,
	limitV: .5,
	limitIs: "control leads 0.5 V: handbook practice, from memory"
};
const FEED_AND_EARTH = "feed and earth together: proposed, typical";
/** Limits by what hangs on the wire. */
const CIRCUITS = {
	starterCable: {
		back: "batteryEarth",
		limitV: 1,
		limitIs: "whole starter circuit 1 V: handbook practice, from memory"
	},
	batteryEarth: {
		back: "starterCable",
		limitV: 1,
		limitIs: "whole starter circuit 1 V: handbook practice, from memory"
	},
	engineStrap: {
		back: null,
		limitV: .2,
		limitIs: "an earth leg 0.2 V: handbook practice, from memory"
	},
	bodyStrap: {
		back: null,
		limitV: .2,
		limitIs: "an earth leg 0.2 V: handbook practice, from memory"
	},
	chargeCable: {
		back: null,
		limitV: .4,
		limitIs: "charging cable 0.3 to 0.4 V: handbook practice, from memory"
	},
	oldFeed: CONTROL,
	lightsFeed: {
		back: null,
		limitV: .3,
		limitIs: "lamps 0.1 to 0.3 V in the feed: handbook practice, from memory"
	},
	ignitionFeed: CONTROL,
	ecuFeed: {
		back: "ecuEarth",
		limitV: .3,
		limitIs: FEED_AND_EARTH
	},
	ecuEarth: {
		back: "ecuFeed",
		limitV: .3,
		limitIs: FEED_AND_EARTH
	},
	keyedFeed: CONTROL,
	pumpFeed: {
		back: "pumpEarth",
		limitV: .6,
		limitIs: "5 % of 12 V, out and back: standards, from memory"
	},
	pumpEarth: {
		back: "pumpFeed",
		limitV: .6,
		limitIs: "5 % of 12 V, out and back: standards, from memory"
	},
	fanFeed: {
		back: "fanEarth",
		limitV: .5,
		limitIs: FEED_AND_EARTH
	},
	fanEarth: {
		back: "fanFeed",
		limitV: .5,
		limitIs: FEED_AND_EARTH
	}
};
/** Conditions that last: the others are over before a wire is warm. */
const LASTING$1 = [
	"idle",
	"full-load",
	"night-rain"
];
/** Those in which a drop matters at all. */
const MATTERS = CONDITIONS.filter((id) => id !== "key-off" && id !== "fan-inrush");
/** Wires as the network has them: those that are not in it carry nothing. */
const inNetwork = (solved, role) => solved.at.idle.parts[role] !== void 0;
/** Each fuse with the wires behind it, by the design. */
const fusesOf = (solved) => {
	const { supply } = solved;
	const behind = {
		ecuFeed: [
			"ecuFeed",
			"ecuEarth",
			...supply.design.relays === "shared" ? ["pumpFeed", "pumpEarth"] : []
		],
		pumpFeed: ["pumpFeed", "pumpEarth"],
		fanFeed: ["fanFeed", "fanEarth"]
	};
	return WIRE_ROLES.flatMap((role) => {
		const { fuseA, fitted } = supply.wires[role];
		if (fuseA === null || !fitted || !inNetwork(solved, role)) return [];
		return [{
			role,
			ratingA: fuseA,
			behind: (behind[role] ?? [role]).filter((r) => inNetwork(solved, r))
		}];
	});
};
const bearsA = (w) => ampacityA(w.sectionM2, w.ambientK, w);
/** What a motor draws as it starts, with the wires that are there. */
const STARTS = {
	pumpFeed: {
		device: "pump",
		tauS: .05
	},
	fanFeed: {
		device: "fan",
		tauS: .15
	}
};
/** A short between the far end of a wire and the body beside it. */
const SHORT_OHM = .001;
const bodyAt = (role) => role === "pumpFeed" ? NODE.bodyRear : NODE.bodyFront;
/** Current of a short at the far end of a wire, key on, by the network of the car with that short in it, A. */
const shortCurrentA = (solved, role) => {
	const { network } = solved.car;
	const w = (network.wires ?? []).find((x) => x.id === role);
	if (!w) return 0;
	const shorted = {
		...network,
		contacts: [...network.contacts ?? [], {
			id: "short",
			from: w.to,
			to: bodyAt(role),
			resistanceOhm: SHORT_OHM
		}]
	};
	const [moment] = solveMoments(compileNetwork(shorted), [conditionMoment(solved.supply, shorted, "prime", solved.crankRadS)]);
	return Math.abs(moment.parts["short"].currentA);
};
const inrushOf = (solved, role) => {
	const starts = STARTS[role];
	if (!starts || solved.at.idle.parts[starts.device] === void 0) return null;
	const { network } = solved.car;
	const base = conditionMoment(solved.supply, network, starts.device === "fan" ? "fan-inrush" : "prime", solved.crankRadS);
	const settled = conditionMoment(solved.supply, network, starts.device === "fan" ? "night-rain" : "prime", solved.crankRadS);
	const stalled = {
		...base,
		id: "inrush",
		changes: [...base.changes ?? [], {
			id: starts.device,
			speed: 0
		}]
	};
	const [before, peak] = solveMoments(compileNetwork(network), [settled, stalled]);
	const amps = (m) => Math.abs(m.parts[starts.device].currentA);
	return {
		peakA: amps(peak),
		settlesAtA: amps(before),
		tauS: starts.tauS
	};
};
const currentIn = (solved, role, id) => Math.abs(solved.at[id].parts[role]?.currentA ?? 0);
const dropIn = (solved, role, id) => Math.abs(solved.at[id].parts[role]?.dropV ?? 0);
const worst = (ids, of) => ids.map((id) => ({
	id,
	value: of(id)
})).reduce((a, b) => b.value > a.value ? b : a);
/** One wire of the design against everything that is asked of it; null where the design has it not. */
const checkWire = (solved, role, fuses) => {
	const { supply } = solved;
	const wire = supply.wires[role];
	if (!wire.fitted || !inNetwork(solved, role)) return null;
	const { back, limitV, limitIs } = CIRCUITS[role];
	const returns = back !== null && supply.wires[back].fitted && inNetwork(solved, back) ? supply.wires[back] : null;
	const outAndBackM = wire.lengthM + (returns?.lengthM ?? 0);
	const lasting = worst(LASTING$1, (id) => currentIn(solved, role, id));
	const drop = worst(MATTERS, (id) => dropIn(solved, role, id) + (back && returns ? dropIn(solved, back, id) : 0));
	const own = fuses.find((f) => f.role === role) ?? null;
	const protecting = fuses.filter((f) => f.behind.includes(role)).map((f) => f.ratingA);
	const fuseA = protecting.length > 0 ? Math.max(...protecting) : null;
	const shortA = own ? shortCurrentA(solved, role) : 0;
	const ownOhm = wireOhm(wire, wire.lengthM, wire.temperatureK);
	const volts = solved.at.prime.nodesV[NODE.post] ?? 12;
	const demand = {
		currentA: lasting.value,
		dropCurrentA: currentIn(solved, role, drop.id),
		lengthM: outAndBackM,
		limitV,
		jointOhm: wire.jointOhm + (returns?.jointOhm ?? 0) + (own ? fuseOhm(own.ratingA) : 0),
		ambientK: wire.ambientK,
		insulation: wire.insulation,
		loadedWires: wire.loadedWires,
		fuseA,
		short: {
			volts,
			otherOhm: own && shortA > 0 ? Math.max(0, volts / shortA - ownOhm) : .03
		}
	};
	const thinnest = own?.behind.map((r) => ({
		role: r,
		bearsA: bearsA(supply.wires[r])
	})).reduce((a, b) => b.bearsA < a.bearsA ? b : a);
	const inrush = own ? inrushOf(solved, role) : null;
	return {
		role,
		wire,
		outAndBackM,
		continuousA: lasting.value,
		continuousIn: lasting.id,
		dropV: drop.value,
		dropIn: drop.id,
		limitV,
		limitIs,
		bearsA: bearsA(wire),
		fuse: own && thinnest ? {
			ratingA: own.ratingA,
			leastA: leastFuseA(lasting.value, wire.ambientK),
			thinnest,
			choices: fusesFor(lasting.value, wire.ambientK, thinnest.bearsA),
			inrush,
			wear: inrush ? inrushWear(inrush, own.ratingA) : 0,
			short: shortAtEnd(shortA, own.ratingA, wire.sectionM2, wire.insulation)
		} : null,
		demand,
		least: Object.fromEntries(WIRE_KINDS.map((k) => [k, leastWire(demand, k)]))
	};
};
/** Every wire that the design has, in the order of the design. */
const checkWires = (solved) => {
	const fuses = fusesOf(solved);
	return WIRE_ROLES.flatMap((role) => checkWire(solved, role, fuses) ?? []);
};
// packages/core/src/stations/power/causes.ts
const designed = (job, design) => ({ power: { design: {
	...job.power.design,
	...design
} } });
const NEW_STRAP = {
	size: "mm2-25",
	joints: "good",
	crankDropV: null
};
const strapped = (job, role, earth) => ({
	walkAround: { earths: {
		...job.walkAround.earths,
		[earth]: true
	} },
	power: { wires: {
		...job.power.wires,
		[role]: {
			...job.power.wires[role],
			...NEW_STRAP
		}
	} }
});
/** Thicker wires behind a fuse that is too large for them. */
const thickened = (job, c) => {
	const wires = { ...job.power.wires };
	for (const { behind, ratingA } of fusesOf(c.solved)) for (const role of behind) {
		const check = c.wireChecks.find((w) => w.role === role);
		if (!check || check.bearsA >= ratingA) continue;
		const share = ratingA / check.bearsA;
		const size = WIRE_SIZES.find((s) => s.id.startsWith("mm2-") && s.sectionM2 > check.wire.sectionM2 * share ** 1.7);
		if (size) wires[role] = {
			...wires[role],
			size: size.id
		};
	}
	return { power: { wires } };
};
/** Mistakes that this design shows, the most common first. */
const mistakesOf = (job, c) => {
	const { design, wires } = job.power;
	const { supply } = c;
	const is = (there, verdict, cure) => there ? [{
		verdict,
		cure: cure()
	}] : [];
	const rusted = supply.design.pumpEarth === "frame" || wires.pumpEarth.joints === "rusty" || wires.pumpEarth.joints === "poor";
	return [
		...is(design.relays === "shared", "shared-relay", () => designed(job, { relays: "separate" })),
		...is(supply.fan === "old-switch", "fan-feed", () => designed(job, { fan: "relay" })),
		...is(design.ecuFeed !== "battery", "ecu-feed", () => designed(job, { ecuFeed: "battery" })),
		...is(design.keyedFeed !== "relay", "keyed", () => designed(job, { keyedFeed: "relay" })),
		...is(!supply.wires.batteryEarth.fitted, "earth-block", () => strapped(job, "batteryEarth", "batteryToEngine")),
		...is(!supply.wires.engineStrap.fitted, "earth-body", () => strapped(job, "engineStrap", "engineToBody")),
		...is(rusted, "pump-volts", () => ({ power: {
			design: {
				...design,
				pumpEarth: design.pumpEarth === "frame" ? "body" : design.pumpEarth
			},
			wires: {
				...wires,
				pumpEarth: {
					...wires.pumpEarth,
					joints: "good"
				}
			}
		} })),
		...is(fusesOf(c.solved).some((f) => f.behind.some((r) => (c.wireChecks.find((w) => w.role === r)?.bearsA ?? Infinity) < f.ratingA)), "thin-lead", () => thickened(job, c))
	];
};
/**
* Verdicts in the order of cause and effect: a mistake first, as bad as the worst that it does, and right beneath it what
* is cured when it alone is undone. Found by undoing each and judging the whole station again.
*/
const causesFirst = (job, c, judged, judgeAgain) => {
	const unsound = judged.filter((v) => v.state !== "ok");
	const causes = unsound.length < 2 ? [] : mistakesOf(job, c).filter((m) => unsound.some((v) => v.id === m.verdict));
	if (causes.length === 0) return worstFirst(judged);
	const cures = causes.map((m) => {
		const after = new Map(judgeAgain(withChange(job, m.cure)).map((v) => [v.id, v.state]));
		const isCured = (v) => {
			const state = after.get(v.id);
			return state === void 0 || state === "ok" || isWorse(v.state, state);
		};
		const own = unsound.find((v) => v.id === m.verdict);
		return {
			verdict: m.verdict,
			effects: isCured(own) ? unsound.filter((v) => v !== own && isCured(v)).map((v) => v.id) : []
		};
	});
	const heads = new Set(cures.map((x) => x.verdict));
	const effectOf = /* @__PURE__ */ new Map();
	for (const { verdict, effects } of [...cures].sort((a, b) => b.effects.length - a.effects.length)) for (const id of effects) if (!heads.has(id) && !effectOf.has(id)) effectOf.set(id, verdict);
	const beneath = (v) => judged.filter((e) => effectOf.get(e.id) === v.id);
	const firsts = judged.filter((v) => !effectOf.has(v.id)).map((v) => ({
		...v,
		state: worstState([v.state, ...beneath(v).map((e) => e.state)])
	}));
	const explains = (v) => beneath(v).length > 0 ? 0 : 1;
	return worstFirst([...firsts].sort((a, b) => explains(a) - explains(b))).flatMap((v) => [v, ...worstFirst(beneath(v)).map((e) => ({
		...e,
		effectOf: v.id
	}))]);
};
// packages/core/src/stations/power/deviceVolts.ts
/** What a device is called, in a list and in a sentence. */
const DEVICE_WORDS = {
	ecu: "ECU",
	keyed: "ECU keyed input",
	pump: "Fuel pump",
	injectors: "Injectors",
	ignition: "Ignition coil",
	heater: "Oxygen sensor heater",
	fan: "Radiator fan",
	headlamps: "Headlamps",
	"side-lamps": "Side and panel lamps",
	blower: "Heater blower",
	wipers: "Wipers",
	gauges: "Added gauges",
	starter: "Starter",
	solenoid: "Starter solenoid"
};
/** Conditions in which a device must work. */
const WORKS_IN = {
	ecu: [
		"prime",
		"crank-warm",
		"crank-cold",
		"release",
		"idle",
		"fan-inrush",
		"full-load",
		"night-rain"
	],
	keyed: [
		"prime",
		"crank-warm",
		"crank-cold",
		"release",
		"idle",
		"fan-inrush",
		"full-load",
		"night-rain"
	],
	pump: [
		"prime",
		"crank-warm",
		"crank-cold",
		"release",
		"idle",
		"fan-inrush",
		"full-load",
		"night-rain"
	],
	injectors: [
		"crank-warm",
		"crank-cold",
		"release",
		"idle",
		"fan-inrush",
		"full-load",
		"night-rain"
	],
	ignition: [
		"crank-warm",
		"crank-cold",
		"release",
		"idle",
		"fan-inrush",
		"full-load",
		"night-rain"
	],
	heater: [
		"idle",
		"fan-inrush",
		"full-load",
		"night-rain"
	],
	fan: ["night-rain"],
	headlamps: ["night-rain"],
	"side-lamps": ["night-rain"],
	blower: ["night-rain"],
	wipers: ["night-rain"],
	gauges: [
		"idle",
		"full-load",
		"night-rain"
	],
	starter: ["crank-warm", "crank-cold"],
	solenoid: ["crank-warm", "crank-cold"]
};
/** The same for a design: a pump cut by oil pressure does not prime. */
const worksIn = ({ design }, device) => device === "pump" && design.pumpCut === "oil-pressure" && design.relays === "separate" ? WORKS_IN.pump.filter((id) => id !== "prime") : WORKS_IN[device];
const loadAt = (c, condition, device) => c.at[condition].parts[device] ?? null;
/** A device in every condition in which it must work. */
const voltsOfDevice = (c, device) => CONDITIONS.filter((id) => worksIn(c.supply, device).includes(id)).flatMap((condition) => {
	const f = loadAt(c, condition, device);
	return f ? [{
		condition,
		volts: f.voltageV,
		liftV: f.liftV,
		amps: f.currentA
	}] : [];
});
// packages/core/src/stations/power/chargingOfJob.ts
const WEEK_S = 604800;
/** A car that stands over a holiday. Rule of thumb. */
const GOOD_WEEKS = 3;
/** What flows with the key off, A: by the network. */
const drainA = (c) => Math.max(0, loadAt(c.solved, "key-off", "battery")?.currentA ?? 0);
const weeksAtRest = (c) => c.leastCharge === null ? 0 : restTimeS({
	drainA: drainA(c),
	capacityC: c.supply.capacityC,
	charge: c.supply.battery.charge,
	leastCharge: c.leastCharge
}) / WEEK_S;
/** How long may it stand? */
const judgeRest = (c) => {
	const amps = drainA(c);
	const weeks = weeksAtRest(c);
	const base = {
		...plain,
		id: "rest",
		source: "solved network, key off; self-discharge typical; three weeks: rule of thumb"
	};
	if (c.leastCharge === null) return {
		...base,
		title: "Does not start cold even now",
		state: "caution",
		next: say`Charge the battery, then cables, straps and starter`,
		reason: say`At ${fig(c.supply.coldestK, "temperature", 0)} and its present charge: weeks at rest are beside the point until it does.`,
		pointId: "crank-cold"
	};
	return {
		...base,
		title: weeks < GOOD_WEEKS ? "Drains the battery at rest" : "Battery at rest",
		state: weeks < 1 ? "stop" : weeks < GOOD_WEEKS ? "caution" : "ok",
		figureName: "weeks until it does not start cold",
		figure: fig(weeks, "count", 1),
		limitName: "at least",
		limit: fig(GOOD_WEEKS, "count", 0),
		margin: fig(weeks - GOOD_WEEKS, "count", 1),
		next: say`Find what draws current with the key off: pull fuses one by one with a meter in the earth lead`,
		reason: say`${fig(amps, "current", 2)} with the key off and the battery’s own loss, down to ${fig(c.leastCharge, "share", 0)} of its charge. A maintenance charger, or the memory feed’s fuse out over the winter.`,
		pointId: "key-off"
	};
};
/** Fan on the old wiring: its inrush and its current go through key and fuse box. */
const judgeFanFeed = (c) => {
	if (c.supply.fan === "none") return null;
	const old = c.supply.fan === "old-switch";
	const inrush = loadAt(c.solved, "fan-inrush", "fan")?.currentA ?? 0;
	return {
		...plain,
		id: "fan-feed",
		title: old ? "Fan on the old wiring" : "Fan on a relay of its own",
		state: old ? "caution" : "ok",
		figureName: "inrush",
		figure: fig(inrush, "current", 0),
		next: say`A relay, fed from the battery with a fuse, its coil driven by the ECU`,
		reason: old ? say`Its inrush goes through key switch and old feed and pulls down everything on them; in the wind it feeds back.` : say`Its inrush comes straight from the battery; the ECU switches its coil.`,
		source: "solved network; trade practice",
		pointId: "fan-inrush"
	};
};
// packages/core/src/stations/power/fusePlan.ts
const ratingFor = (continuousA, ambientK) => FUSE_RATINGS_A.find((a) => a >= leastFuseA(continuousA, ambientK)) ?? FUSE_RATINGS_A.at(-1);
const LASTING = [
	"idle",
	"full-load",
	"night-rain"
];
const lastingA = (c, device) => Math.max(...LASTING.map((id) => Math.abs(loadAt(c.solved, id, device)?.currentA ?? 0)));
/** A fuse box under the dash. */
const BOX_K = 318.15;
/** Every circuit of the conversion that gets a fuse, by the design. */
const newCircuits = (c) => {
	const { design, fan, wires } = c.supply;
	const at = (role) => c.wireChecks.find((w) => w.role === role);
	const own = (id, what, live, shares) => {
		const check = at(id);
		return check && wires[id].fuseA !== null ? [{
			id,
			what,
			continuousA: check.continuousA,
			fuseA: wires[id].fuseA,
			live,
			goes: "battery",
			shares
		}] : [];
	};
	const heaterA = lastingA(c, "heater");
	const gaugesA = lastingA(c, "gauges");
	return [
		...own("ecuFeed", "ECU constant feed", "always", "nothing: the ECU alone"),
		...design.keyedFeed === "relay" ? [{
			id: "keyed",
			what: "Keyed relay",
			continuousA: Math.abs(loadAt(c.solved, "idle", "keyed")?.currentA ?? 0) + (design.heaterFeed === "keyed" ? heaterA : 0),
			fuseA: 10,
			live: "run-and-start",
			goes: "battery",
			shares: "ECU keyed input, relay coils, sensor heater"
		}] : [],
		...design.relays === "separate" ? own("pumpFeed", "Fuel pump", "run-and-start", "nothing: pump and injection stop together if it blows") : [],
		...fan === "relay" ? own("fanFeed", "Radiator fan", "run", "nothing: its inrush pulls others down") : [],
		...design.heaterFeed !== "pump-relay" && design.keyedFeed !== "relay" && heaterA > 0 ? [{
			id: "heater",
			what: "Oxygen sensor heater",
			continuousA: heaterA,
			fuseA: ratingFor(heaterA, BOX_K),
			live: "run",
			goes: "box",
			shares: "gauges; never the ECU"
		}] : [],
		...design.gaugesFeed === "ignition" && gaugesA > 0 ? [{
			id: "gauges",
			what: "Added gauges",
			continuousA: gaugesA,
			fuseA: ratingFor(gaugesA, BOX_K),
			live: "run",
			goes: "box",
			shares: "other gauges and a radio; never pump or ECU"
		}] : []
	];
};
const isFree = (p) => p.feeds.trim() === "";
/** Whether a position is live when a circuit must be. */
const serves = (p, circuit) => isFree(p) && p.live !== null && (p.live === circuit.live || circuit.live === "run" && p.live === "run-and-start");
/** As many circuits as the old box can take: augmenting paths from each circuit to a free position. */
const assign = (circuits, box) => {
	const takenBy = /* @__PURE__ */ new Map();
	const place = (circuit, tried) => box.some((p) => {
		if (tried.has(p.id) || !serves(p, circuit)) return false;
		tried.add(p.id);
		const other = takenBy.get(p.id);
		if (other && !place(other, tried)) return false;
		takenBy.set(p.id, circuit);
		return true;
	});
	for (const circuit of circuits) place(circuit, /* @__PURE__ */ new Set());
	return new Map([...takenBy].map(([position, circuit]) => [circuit.id, position]));
};
/** Where every fuse goes: at the battery, in a free position of the old box, or in a sub-panel with a feed of its own. */
const fusePlanOf = (c) => {
	const { box } = c.power.old;
	const circuits = newCircuits(c);
	const wanting = circuits.filter((x) => x.goes === "box");
	const placed = assign(wanting, box);
	const subPanel = wanting.filter((x) => !placed.has(x.id));
	return {
		box: box.map((position) => ({
			position,
			free: isFree(position),
			takes: wanting.find((x) => placed.get(x.id) === position.id) ?? null
		})),
		atBattery: circuits.filter((x) => x.goes === "battery"),
		subPanel,
		subPanelA: subPanel.length === 0 ? null : ratingFor(subPanel.reduce((sum, x) => sum + x.continuousA, 0), BOX_K)
	};
};
const judgeFusePlan = (c) => {
	const plan = fusePlanOf(c);
	const { box } = c.power.old;
	const base = {
		...plain,
		id: "fuse-plan",
		source: "trade practice"
	};
	const placed = plan.box.filter((b) => b.takes !== null);
	if (plan.subPanel.length === 0) return {
		...base,
		title: "Every new circuit has its fuse position",
		state: "ok",
		reason: say`${fig(plan.atBattery.length, "count")} at the battery${placed.length > 0 ? say`, ${fig(placed.length, "count")} in the old box` : ""}.`
	};
	const names = plan.subPanel.map((x) => x.what.toLowerCase()).join(" and ");
	return {
		...base,
		title: box.length === 0 ? "Old fuse box not looked at yet" : "No free position in the old fuse box",
		state: box.length === 0 ? "unknown" : "caution",
		next: box.length === 0 ? say`Enter its positions: what each feeds, and when it is live` : say`A sub-panel with a feed of its own, fused at ${fig(plan.subPanelA ?? 0, "current")}`,
		reason: say`${names.charAt(0).toUpperCase() + names.slice(1)}: a sub-panel with its own feed, never a third wire under one terminal.`
	};
};
// packages/core/src/figures/figureTable.ts
const NOT_KNOWN = {
	value: null,
	kind: "assumed",
	from: null,
	why: "not known"
};
/** Every figure a figure is made of, whichever way it is found. */
const usesOf = (rule) => [...new Set(rule.sources.flatMap((s) => s.uses))];
/**
* Ids in an order in which none comes before what it is made of.
* @throws where a figure would depend on itself, with the circle; or on one that is not there
*/
const sortedFigures = (rules) => {
	const done = /* @__PURE__ */ new Set();
	const visit = (id, trail) => {
		if (trail.includes(id)) throw new Error(`a figure depends on itself: ${[...trail, id].join(" -> ")}`);
		if (done.has(id)) return;
		const rule = rules[id];
		if (!rule) throw new Error(`${trail.at(-1) ?? "nobody"} is made of a figure that is not there: ${id}`);
		for (const use of usesOf(rule)) visit(use, [...trail, id]);
		done.add(id);
	};
	for (const id of Object.keys(rules)) visit(id, []);
	return [...done];
};
/** A table of figures that is sorted once, refuses a circle, and finds each figure of a document once. */
const figureTable = (rules) => {
	const order = sortedFigures(rules);
	const memory = /* @__PURE__ */ new WeakMap();
	const given = (job, id, uses) => {
		const ask = (use) => {
			if (!uses.includes(use)) throw new Error(`${id} has not declared that it is made of ${use}`);
			return find(job, use);
		};
		return {
			number: (use) => ask(use).value,
			known: (use) => {
				const found = ask(use);
				return found.kind === "assumed" ? null : found.value;
			},
			word: (use) => ask(use).value
		};
	};
	const seek = (job, id) => {
		const rule = rules[id];
		if (!rule) throw new Error(`there is no figure ${id}`);
		for (const { kind, from, why, uses, read } of rule.sources) {
			const value = read(job, given(job, id, uses));
			if (value !== null) return {
				value,
				kind,
				from,
				why
			};
		}
		return NOT_KNOWN;
	};
	const find = (job, id) => {
		let found = memory.get(job);
		if (!found) memory.set(job, found = /* @__PURE__ */ new Map());
		let own = found.get(id);
		if (!own) found.set(id, own = seek(job, id));
		return own;
	};
	return {
		order,
		find
	};
};
// packages/core/src/meaning/walkAround/tests.ts
/** What each test of "fit to convert?" writes down, by the test's id. */
const TEST_ENTRIES = {
	supply: [],
	"battery-resting": [{
		kind: "figure",
		path: "walkAround.tests.restingV",
		label: "Battery at rest, after a night",
		family: "voltage",
		how: "At the battery terminals, everything off, off charge overnight.",
		need: 3,
		neededFor: "starting at all"
	}],
	"battery-cranking": [{
		kind: "figure",
		path: "walkAround.tests.crankingPostV",
		label: "At the battery terminals, cranking",
		family: "voltage",
		how: "Meter on the battery terminals themselves, not on the cable clamps; crank for five seconds with the coil off.",
		need: 3,
		neededFor: "starting at all"
	}, {
		kind: "figure",
		path: "walkAround.tests.crankingRemoteV",
		label: "At a remote point, cranking",
		family: "voltage",
		how: "At the same time, wherever power might be picked up: starter stud, fuse box, ignition switch.",
		need: 2,
		neededFor: "where to take the feed"
	}],
	"cranking-drops": [{
		kind: "figure",
		path: "walkAround.tests.crankingPlusDropV",
		label: "Positive-side drop: battery to starter",
		family: "voltage",
		how: "Meter from the battery’s live terminal to the starter’s while it cranks. It shows the drop in the cable.",
		drawing: "voltage-drop",
		need: 2,
		neededFor: "which cable is bad"
	}, {
		kind: "figure",
		path: "walkAround.tests.crankingGroundDropV",
		label: "Earth-side drop: block to battery",
		family: "voltage",
		how: "Meter from bare metal on the block to the earthed terminal while it cranks.",
		drawing: "voltage-drop",
		need: 3,
		neededFor: "sensors that read true"
	}],
	starter: [{
		kind: "figure",
		path: "walkAround.tests.crankingA",
		label: "Current while cranking",
		family: "current",
		how: "DC clamp meter round the live battery cable, engine turning, after the first surge.",
		need: 1,
		neededFor: "telling starter from battery"
	}, {
		kind: "figure",
		path: "walkAround.tests.crankingRpm",
		label: "Speed while cranking",
		family: "engineSpeed",
		how: "Count the pulley mark on a video: turns in five seconds, times twelve.",
		need: 1,
		neededFor: "telling starter from battery"
	}],
	charging: [{
		kind: "figure",
		path: "walkAround.tests.idleChargingV",
		label: "At the battery terminals, idling, loads on",
		family: "voltage",
		how: "Warm idle, lamps, heater and wipers on, meter on the battery terminals.",
		need: 3,
		neededFor: "charging balance"
	}],
	ripple: [{
		kind: "figure",
		path: "walkAround.tests.rippleV",
		label: "AC ripple at the battery terminals",
		family: "voltage",
		how: "Meter on AC, at the battery terminals, engine at 2000 rpm with lamps on. A dynamo shows commutator hash the same way.",
		need: 1,
		neededFor: "noise-free sensors"
	}],
	compression: [{
		kind: "list",
		path: "walkAround.tests.compressionPa",
		label: "Compression",
		family: "compression",
		need: 3,
		neededFor: "fit to convert"
	}, {
		kind: "list",
		path: "walkAround.tests.leakDownShare",
		label: "Leak-down",
		family: "share",
		need: 1,
		neededFor: "where it leaks"
	}],
	"idle-vacuum": [{
		kind: "figure",
		path: "walkAround.tests.idleVacuumPa",
		label: "Vacuum at warm idle",
		family: "vacuum",
		how: "A gauge on a full-manifold port, engine warm, in gear if automatic. Type it as read, e.g. 18 in Hg.",
		drawing: "vacuum-needle",
		need: 3,
		neededFor: "fuel at idle, cam class, fit to convert"
	}, {
		kind: "choice",
		path: "walkAround.tests.idleNeedle",
		label: "Vacuum needle",
		options: [
			["steady", "Steady"],
			["flicks-regularly", "Flicks regularly"],
			["wanders", "Wanders"]
		],
		drawing: "vacuum-needle",
		need: 2,
		neededFor: "fit to convert"
	}],
	"exhaust-leak": [{
		kind: "choice",
		path: "walkAround.tests.exhaustLeak",
		label: "Exhaust leaks",
		options: [
			["none", "None found"],
			["pin-hole", "Pin-hole"],
			["open-joint", "Joint or crack"]
		],
		need: 3,
		neededFor: "a true oxygen reading"
	}],
	"oil-smoke": [{
		kind: "choice",
		path: "walkAround.tests.smoke",
		label: "Blue smoke",
		options: [
			["none", "None"],
			["on-start", "A puff on starting"],
			["on-overrun", "On the overrun"],
			["always", "Always"]
		],
		need: 2,
		neededFor: "the sensor’s life"
	}],
	misfire: [{
		kind: "choice",
		path: "walkAround.tests.misfire",
		label: "Misfire",
		options: [
			["none", "None"],
			["under-load", "Under load"],
			["at-idle", "At idle"]
		],
		need: 3,
		neededFor: "fit to convert"
	}, {
		kind: "choice",
		path: "walkAround.tests.plugs",
		label: "Plug colour",
		options: [
			["even-tan", "All tan"],
			["one-differs", "One differs"],
			["sooty", "All sooty"],
			["oily", "Oily"]
		],
		need: 2,
		neededFor: "fit to convert"
	}],
	"chain-slack": [{
		kind: "figure",
		path: "walkAround.tests.chainSlackDeg",
		label: "Timing-chain slack",
		family: "angle",
		how: "Cap off. Turn the crank backwards by hand until the rotor just moves, note the mark, forwards until it just moves again: the difference.",
		drawing: "chain-slack",
		need: 2,
		neededFor: "steady timing"
	}],
	"fuel-age": [{
		kind: "figure",
		path: "walkAround.tests.fuelAgeS",
		label: "Age of fuel in the tank",
		family: "age",
		need: 2,
		neededFor: "a fair first start"
	}],
	"tank-inside": [{
		kind: "choice",
		path: "walkAround.tests.tankInside",
		label: "Tank inside",
		options: [
			["clean", "Clean metal"],
			["dust", "Dust or flakes"],
			["rust", "Rust"],
			["old-sealant", "Old sealant"]
		],
		how: "An inspection camera that is safe in fuel vapour, or a mirror from outside; never a lamp in the tank. An old filter cut open shows the same.",
		need: 3,
		neededFor: "pump and injectors"
	}],
	coolant: [{
		kind: "choice",
		path: "walkAround.tests.coolantFlow",
		label: "Coolant flow seen at the filler",
		options: [
			["brisk", "Brisk"],
			["weak", "Weak"],
			["none", "None"]
		],
		need: 2,
		neededFor: "coolant sensor and warm-up"
	}, {
		kind: "choice",
		path: "walkAround.tests.thermostatOpens",
		label: "Thermostat opens",
		options: [
			["at-its-figure", "At its figure"],
			["early-or-late", "Early or late"],
			["stuck", "Stuck or missing"]
		],
		need: 2,
		neededFor: "coolant sensor and warm-up"
	}],
	throttle: [{
		kind: "figure",
		path: "walkAround.tests.shaftPlayM",
		label: "Throttle shaft play",
		family: "bore",
		how: "A dial gauge on the end of the shaft, pushed across.",
		need: 1,
		neededFor: "idle air"
	}, {
		kind: "choice",
		path: "walkAround.tests.linkagePlay",
		label: "Linkage",
		options: [
			["none", "No slack, returns"],
			["some", "Some slack"],
			["sticks", "Sticks"]
		],
		need: 2,
		neededFor: "a throttle that closes"
	}]
};
// packages/core/src/meaning/walkAround/fuelAndPower.ts
const TANK$1 = {
	id: "tank",
	title: "Tank",
	entries: [
		{
			kind: "figure",
			path: "walkAround.tank.volumeM3",
			label: "Tank capacity",
			how: "From the handbook, or what the filling pump shows from empty to full.",
			family: "volume",
			need: 1,
			neededFor: "range"
		},
		{
			kind: "figure",
			path: "walkAround.tank.depthM",
			label: "Depth where the pump goes",
			family: "bore",
			how: "A clean wooden dipstick through the sender hole, cap off, nothing hot and no sparks near.",
			drawing: "tank-gap",
			need: 3,
			neededFor: "pump in the tank or in line"
		},
		{
			kind: "figure",
			path: "walkAround.tank.gapAboveM",
			label: "Gap above the tank, to the floor",
			family: "bore",
			how: "Clay or a wedge between tank top and floor, exactly where the hole will be. Hat, fittings and hose bend must fit in it.",
			drawing: "tank-gap",
			need: 3,
			neededFor: "pump in the tank or in line"
		},
		{
			kind: "choice",
			path: "walkAround.tank.shape",
			label: "Tank shape",
			how: "From under the car or in the boot, trim out.",
			options: [
				["flat", "Flat"],
				["upright", "Upright"],
				["saddle", "Saddle"],
				["round", "Round"]
			],
			need: 1,
			neededFor: "fuel pick-up when cornering"
		},
		{
			kind: "choice",
			path: "walkAround.tank.place",
			label: "Tank location",
			how: "Follow the filler neck.",
			options: [
				["under-boot", "Under the boot floor"],
				["in-boot", "In the boot"],
				["behind-seat", "Behind the seat"],
				["under-seat", "Under the seat"],
				["front", "In front"]
			],
			need: 1,
			neededFor: "line lengths, vent"
		},
		{
			kind: "choice",
			path: "walkAround.tank.sender",
			label: "Gauge sender",
			how: "Find its plate on the tank: round, with screws or a locking ring. What comes out with it shows the type.",
			options: [
				["float-arm", "Float arm"],
				["tube", "Tube"],
				["none", "None"]
			],
			need: 1,
			neededFor: "what shares the hole"
		},
		{
			kind: "seen",
			path: "walkAround.tank.baffle",
			label: "Baffles or swirl pot",
			how: "Rock the car: a long slosh means none. Never put a lamp into a tank.",
			need: 2,
			neededFor: "starving when cornering"
		},
		{
			kind: "choice",
			path: "walkAround.tank.vent",
			label: "Tank vent",
			how: "A vented cap hisses on opening; otherwise follow the small pipe at the top.",
			options: [
				["vented-cap", "Vented cap"],
				["pipe", "Pipe"],
				["canister", "Charcoal canister"]
			],
			need: 2,
			neededFor: "tank vacuum; a canister stays"
		},
		{
			kind: "choice",
			path: "walkAround.tank.lining",
			label: "Tank material, inside",
			options: [
				["bare-steel", "Bare steel"],
				["terne", "Terne (lead-tin) coated"],
				["sealed", "Sealed"],
				["aluminium", "Aluminium"],
				["plastic", "Plastic"]
			],
			how: "Terne is dull grey and soft: many classic tanks have it, and ethanol blends dissolve it.",
			need: 2,
			neededFor: "ethanol"
		}
	]
};
const LINES = {
	id: "lines",
	title: "Existing fuel lines",
	entries: [
		{
			kind: "choice",
			path: "walkAround.lines.feed",
			label: "Feed line",
			how: "Follow it from tank to engine, all the way, with a lamp.",
			options: [
				["hard-line", "Hard line"],
				["hose", "Hose"],
				["none", "None usable"]
			],
			need: 2,
			neededFor: "return-type or returnless"
		},
		{
			kind: "figure",
			path: "walkAround.lines.feedBoreM",
			label: "Feed bore",
			family: "bore",
			how: "Outside diameter less twice the wall, or a drill shank that just enters a cut end.",
			need: 2,
			neededFor: "pressure drop in the feed"
		},
		{
			kind: "seen",
			path: "walkAround.lines.returnLine",
			label: "Return line",
			how: "A second line from the engine back into the top of the tank.",
			need: 3,
			neededFor: "return-type or returnless"
		},
		{
			kind: "figure",
			path: "walkAround.lines.returnBoreM",
			label: "Return bore",
			how: "As for the feed. A small return raises rail pressure at idle.",
			family: "bore",
			need: 2,
			neededFor: "rail pressure at idle",
			relevant: (j) => j.walkAround.lines.returnLine === true
		},
		{
			kind: "choice",
			path: "walkAround.lines.condition",
			label: "Condition of the lines",
			options: [
				["clean", "Clean and tight"],
				["rusty", "Rusty"],
				["patched", "Patched with hose"]
			],
			how: "Joints made for a few kilopascals leak at injection pressure. Water test an old line before you reuse it.",
			need: 2,
			neededFor: "reusing the old line"
		}
	]
};
const POWER = {
	id: "power",
	title: "Battery, charging, earths, wiring",
	entries: [
		{
			kind: "choice",
			path: "walkAround.battery.systemV",
			label: "System voltage",
			how: "A meter across the battery terminals at rest: about 6 or about 12 V. Three or six cells.",
			options: [["12", "12 V"], ["6", "6 V"]],
			need: 3,
			neededFor: "whether anything can be fitted"
		},
		{
			kind: "choice",
			path: "walkAround.battery.earth",
			label: "Earthed terminal",
			how: "Which terminal’s cable goes to the body. Measure it; do not trust colours.",
			options: [["negative", "Negative"], ["positive", "Positive (positive earth)"]],
			need: 3,
			neededFor: "whether anything can be fitted"
		},
		{
			kind: "choice",
			path: "walkAround.battery.place",
			label: "Battery location",
			how: "Where it is now; it can be moved.",
			options: [
				["bay", "In the engine bay"],
				["boot", "In the boot"],
				["under-seat", "Under a seat"]
			],
			need: 2,
			neededFor: "power leads"
		},
		{
			kind: "figure",
			path: "walkAround.battery.capacityC",
			label: "Battery capacity",
			how: "Printed on the battery, in Ah.",
			family: "charge",
			need: 1,
			neededFor: "drain when parked"
		},
		{
			kind: "figure",
			path: "walkAround.battery.ageS",
			label: "Battery age",
			how: "Date code or receipt.",
			family: "age",
			need: 1,
			neededFor: "voltage sag while cranking"
		},
		{
			kind: "figure",
			path: "walkAround.battery.coldCrankA",
			label: "Cold cranking rating",
			family: "current",
			how: "Printed on the battery, with the standard (EN or SAE).",
			need: 2,
			neededFor: "voltage sag while cranking"
		},
		{
			kind: "figure",
			path: "walkAround.battery.coldestStartK",
			label: "Coldest start",
			family: "temperature",
			how: "Ask the owner: the coldest morning on which it has to start.",
			need: 2,
			neededFor: "cranking cold"
		},
		{
			kind: "choice",
			path: "walkAround.charging.kind",
			label: "Generator type",
			how: "A long plain can is a dynamo; a short one with slots and a fan is an alternator.",
			options: [["alternator", "Alternator"], ["dynamo", "Dynamo"]],
			need: 3,
			neededFor: "charging balance at idle"
		},
		{
			kind: "figure",
			path: "walkAround.charging.ratedA",
			label: "Rated charging output",
			how: "Stamped on it, or from its number.",
			family: "current",
			need: 2,
			neededFor: "charging balance at idle"
		},
		{
			kind: "figure",
			path: "walkAround.charging.pulleyRatio",
			label: "Generator pulley ratio",
			family: "ratio",
			how: "Crank pulley diameter divided by generator pulley diameter, at the belt.",
			need: 1,
			neededFor: "charging balance at idle"
		},
		{
			kind: "seen",
			path: "walkAround.earths.batteryToEngine",
			label: "Earth strap, battery to engine",
			how: "Follow the cable from the battery terminal.",
			need: 2,
			neededFor: "cranking and sensors"
		},
		{
			kind: "seen",
			path: "walkAround.earths.engineToBody",
			label: "Earth strap, engine to body",
			how: "Without it current returns through cables and bearings: burnt linkage cables are the sign.",
			need: 2,
			neededFor: "sensor readings"
		},
		{
			kind: "seen",
			path: "walkAround.earths.batteryToBody",
			label: "Earth strap, battery to body",
			how: "A second, thinner cable from the same terminal.",
			need: 2,
			neededFor: "pump and lamps"
		},
		{
			kind: "choice",
			path: "walkAround.earths.condition",
			label: "Strap condition",
			how: "Undo one end: bright metal, or green and black.",
			options: [["bright", "Bright and tight"], ["corroded", "Green or loose"]],
			need: 2,
			neededFor: "sensor readings"
		},
		{
			kind: "choice",
			path: "walkAround.wiring.state",
			label: "Old wiring",
			how: "Bend a wire near the engine: if it cracks it is brittle. Joints in odd colours are somebody’s alterations.",
			options: [
				["sound", "Sound"],
				["altered", "Altered"],
				["brittle", "Brittle"]
			],
			need: 2,
			neededFor: "keyed feed"
		},
		{
			kind: "figure",
			path: "walkAround.wiring.freeFuses",
			label: "Spare fuse positions",
			how: "Count empty positions that have a feed.",
			family: "count",
			whole: true,
			need: 1,
			neededFor: "fuse plan"
		},
		{
			kind: "seen",
			path: "walkAround.wiring.ammeter",
			label: "Ammeter in the charging path",
			how: "It will have to carry 15 to 25 A more.",
			need: 1,
			neededFor: "charging path"
		}
	]
};
// packages/core/src/meaning/walkAround/running.ts
const IGNITION = {
	id: "ignition",
	title: "Ignition",
	entries: [
		{
			kind: "choice",
			path: "walkAround.ignition.kind",
			label: "Kind of ignition",
			how: "Cap off: a cam with contacts is points; a magnet or shutter is breakerless. A finned box on the wing is an external module. Leads to a computer mean controlled.",
			options: [
				["points", "Points"],
				["breakerless", "Breakerless module"],
				["external-box", "External box"],
				["controlled-distributor", "Controlled distributor"],
				["crank-triggered", "Crank triggered"]
			],
			need: 3,
			neededFor: "timing control and trigger"
		},
		{
			kind: "choice",
			path: "walkAround.ignition.advance",
			label: "Advance",
			options: [
				["mechanical", "Weights only"],
				["mechanical-and-vacuum", "Weights and vacuum"],
				["fixed", "None, or locked"]
			],
			how: "Turn the rotor by hand: if it springs back there are weights. A capsule with a hose is vacuum advance.",
			need: 2,
			neededFor: "locking out the distributor",
			relevant: (j) => j.walkAround.ignition.kind !== "crank-triggered"
		},
		{
			kind: "seen",
			path: "walkAround.ignition.coilResistor",
			label: "Ballast resistor or resistance wire to the coil",
			how: "Engine running, meter between the coil’s supply terminal and the body: 6 to 9 V, either way round, means yes. Never feed an ECU from that wire.",
			need: 2,
			neededFor: "keyed feed"
		},
		{
			kind: "seen",
			path: "walkAround.ignition.suppressedLeads",
			label: "HT leads, suppressed",
			how: "About 5 to 20 kΩ end to end, printed on the lead; solid wire reads near zero.",
			need: 2,
			neededFor: "noise on sensor wires"
		}
	]
};
const COOLING = {
	id: "cooling",
	title: "Cooling",
	entries: [
		{
			kind: "choice",
			path: "walkAround.cooling.fan",
			label: "Fan",
			how: "Belt-driven, or with a motor of its own.",
			options: [["belt", "Belt-driven"], ["electric", "Electric"]],
			need: 2,
			neededFor: "outputs and current"
		},
		{
			kind: "figure",
			path: "walkAround.cooling.thermostatK",
			label: "Thermostat opens at",
			family: "temperature",
			how: "Stamped on its flange, or test it in a pan of water with a thermometer.",
			need: 1,
			neededFor: "closed loop and warm-up"
		},
		{
			kind: "choice",
			path: "walkAround.cooling.sparePort",
			label: "Spare port for a sensor",
			options: [
				["flowing", "In the flow"],
				["dead-end", "Dead end only"],
				["none", "None"]
			],
			how: "A port in the thermostat housing or crossover sees the flow. In a dead end the sensor reads tens of degrees off.",
			need: 2,
			neededFor: "coolant sensor"
		},
		{
			kind: "choice",
			path: "walkAround.cooling.gauge",
			label: "Temperature gauge",
			how: "A thin metal tube to the engine is a capillary and cannot be shared; a single wire is electric.",
			options: [
				["electric", "Electric"],
				["capillary", "Capillary tube"],
				["lamp", "Lamp"],
				["none", "None"]
			],
			need: 1,
			neededFor: "a sender of its own"
		}
	]
};
const GEARBOX = {
	id: "gearbox",
	title: "Gearbox and throttle linkage",
	entries: [
		{
			kind: "choice",
			path: "walkAround.gearbox.kind",
			label: "Gearbox",
			how: "Pedals and selector; a switch on the lever or stalk is the overdrive.",
			options: [
				["manual", "Manual"],
				["manual-overdrive", "Manual with overdrive"],
				["automatic", "Automatic"]
			],
			need: 2,
			neededFor: "kickdown and outputs"
		},
		{
			kind: "choice",
			path: "walkAround.gearbox.linkage",
			label: "Throttle linkage",
			how: "Follow it from the pedal to the carburettor.",
			options: [
				["rod", "Rods"],
				["cable", "Cable"],
				["hydraulic", "Hydraulic"]
			],
			need: 2,
			neededFor: "throttle travel"
		},
		{
			kind: "choice",
			path: "walkAround.gearbox.kickdown",
			label: "Kickdown",
			options: [
				["none", "None"],
				["rod", "Rod"],
				["cable", "Cable"],
				["electric", "Switch"],
				["throttle-valve-cable", "Throttle-valve cable"]
			],
			how: "A throttle-valve cable sets the pressure in the gearbox: wrong geometry can wreck the gearbox. Note its travel from idle to full throttle.",
			need: 3,
			neededFor: "saving the gearbox",
			relevant: (j) => j.walkAround.gearbox.kind === "automatic"
		},
		{
			kind: "seen",
			path: "walkAround.gearbox.electronic",
			label: "Electronically shifted",
			how: "A loom with many wires into the gearbox, not just two for the reversing lamp.",
			need: 2,
			neededFor: "ECU outputs",
			relevant: (j) => j.walkAround.gearbox.kind === "automatic"
		}
	]
};
const BONNET_AND_CABIN = {
	id: "room",
	title: "Space under the bonnet and in the cabin",
	entries: [
		{
			kind: "figure",
			path: "walkAround.bonnet.stackM",
			label: "Carburettor flange to top of air cleaner",
			family: "bore",
			how: "A rule from the carburettor flange to the highest point, nut included.",
			drawing: "bonnet-clay",
			need: 2,
			neededFor: "height of the new stack"
		},
		{
			kind: "figure",
			path: "walkAround.bonnet.gapM",
			label: "Gap to the closed bonnet",
			family: "bore",
			how: "A lump of soft clay on the highest point; close the bonnet gently, then measure the lump. Do it in several places; the smallest counts.",
			drawing: "bonnet-clay",
			need: 2,
			neededFor: "height of the new stack"
		},
		{
			kind: "choice",
			path: "walkAround.cabin.controllerPlace",
			label: "Dry place for the ECU",
			how: "Dry, below 60 °C after a hot drive, and within reach of the loom.",
			options: [
				["under-dash", "Under the dash"],
				["under-seat", "Under a seat"],
				["boot", "In the boot"],
				["bay-only", "Only in the engine bay"]
			],
			need: 2,
			neededFor: "harness reach"
		},
		{
			kind: "figure",
			path: "walkAround.cabin.bulkheadHoleM",
			label: "Spare bulkhead hole",
			family: "bore",
			how: "Diameter of a hole that would take a grommet and the loom; 0 if one must be cut.",
			need: 1,
			neededFor: "getting the loom through"
		}
	]
};
// packages/core/src/meaning/walkAround/vehicle.ts
const vee = "bank against bank";
const WALK_GROUPS = [
	{
		id: "vehicle",
		title: "Vehicle",
		entries: [
			{
				kind: "figure",
				path: "vehicle.year",
				label: "Year",
				how: "From the papers or the chassis plate; the engine is often newer or older than the car.",
				family: "count",
				whole: true,
				need: 1,
				neededFor: "papers and local rules"
			},
			{
				kind: "choice",
				path: "walkAround.body.style",
				label: "Body",
				how: "Body style; it decides where lines and wires can run.",
				options: [
					["saloon", "Saloon"],
					["coupe", "Coupé"],
					["open", "Open"],
					["estate", "Estate"],
					["van", "Van"],
					["pickup", "Pickup"],
					["off-road", "Off-road"]
				],
				need: 1,
				neededFor: "line lengths and places"
			},
			{
				kind: "figure",
				path: "walkAround.body.massKg",
				label: "Weight ready to drive",
				family: "mass",
				how: "From the papers, or a weighbridge with fuel and driver.",
				need: 1,
				neededFor: "road load"
			},
			{
				kind: "choice",
				path: "walkAround.body.drive",
				label: "Driven wheels",
				how: "Look under it: a shaft to the back, to the front, or both.",
				options: [
					["rear", "Rear"],
					["front", "Front"],
					["all", "All"]
				],
				need: 1,
				neededFor: "room under the car"
			}
		]
	},
	{
		id: "engine",
		title: "Engine",
		entries: [
			{
				kind: "choice",
				path: "vehicle.layout",
				label: "Layout",
				how: "From above: one row of plugs is in line; two rows leaning apart, a vee; two rows lying opposite, flat.",
				options: [
					["inline", "In line"],
					["vee", "Vee"],
					["flat", "Flat"]
				],
				need: 3,
				neededFor: "oxygen sensors and firing groups"
			},
			{
				kind: "figure",
				path: "vehicle.cylinders",
				label: "Cylinders",
				how: "Count the plugs; twin-plug engines have twice as many.",
				family: "count",
				whole: true,
				need: 3,
				neededFor: "everything"
			},
			{
				kind: "figure",
				path: "walkAround.engine.boreM",
				label: "Bore",
				family: "bore",
				how: "From the last rebuild’s papers: an engine bored out by a millimetre breathes several percent more. Head off, an inside micrometer; head on, go by the papers.",
				drawing: "bore-and-stroke",
				need: 2,
				neededFor: "displacement"
			},
			{
				kind: "figure",
				path: "walkAround.engine.strokeM",
				label: "Stroke",
				family: "bore",
				how: "A soft rod through the plug hole of an upright cylinder: its travel from lowest to highest point. Ignition off, turn by hand.",
				drawing: "bore-and-stroke",
				need: 2,
				neededFor: "displacement"
			},
			{
				kind: "figure",
				path: "vehicle.displacementM3",
				label: "Displacement",
				family: "displacement",
				how: "From the papers. Leave empty to work it out from bore, stroke and cylinders.",
				need: 3,
				neededFor: "air, fuel and pump"
			},
			{
				kind: "figure",
				path: "walkAround.engine.compressionRatio",
				label: "Compression ratio",
				family: "ratio",
				how: "From the papers; with a different head or gasket, fill the chamber from a burette.",
				need: 1,
				neededFor: "spark table"
			},
			{
				kind: "text",
				path: "walkAround.engine.firingOrder",
				label: "Firing order",
				how: "Often cast into the manifold or rocker cover. If not: plugs out, turn by hand, note which cylinder blows out a paper plug next. Write it as 1-3-4-2.",
				drawing: "firing-order",
				need: 2,
				neededFor: "firing groups and sequential injection"
			},
			{
				kind: "choice",
				path: "walkAround.engine.numberedFrom",
				label: "Cylinder 1 location",
				options: [["front", "Pulley end"], ["bulkhead", "Bulkhead end"]],
				how: "Some makers number from the bulkhead. Check against the distributor cap and the firing order, not habit.",
				need: 2,
				neededFor: "timing light and firing groups"
			},
			{
				kind: "choice",
				path: "walkAround.engine.condition",
				label: "Known state",
				how: "What the owner and the receipts say. The tests show the truth later.",
				options: [
					["fresh", "Rebuilt, run in"],
					["sound", "Worn but sound"],
					["tired", "Tired"]
				],
				need: 1,
				neededFor: "which tests come first"
			},
			{
				kind: "choice",
				path: "vehicle.aspiration",
				label: "Induction",
				how: "A belt-driven supercharger, an exhaust-driven turbo, or neither.",
				options: [
					["natural", "Naturally aspirated"],
					["supercharged", "Supercharged"],
					["turbocharged", "Turbocharged"]
				],
				need: 1,
				neededFor: "air and pressure"
			}
		]
	},
	{
		id: "intake",
		title: "Intake",
		entries: [
			{
				kind: "choice",
				path: "walkAround.intake.manifold",
				label: "Inlet manifold",
				options: [
					["single-plane", "Single plane"],
					["two-plane", "Two plane"],
					["log", "Log"],
					["separate-runners", "Individual runners"]
				],
				how: "Carburettor off, look down the flange: one open chamber is single plane, two with a wall between is two plane.",
				drawing: "divider",
				need: 3,
				neededFor: "throttle body or port injection"
			},
			{
				kind: "choice",
				path: "walkAround.intake.pad",
				label: "Carburettor flange",
				how: "Count the throttle bores on the carburettor and see whether they are all one size.",
				options: [
					["one-barrel", "One barrel"],
					["two-barrel", "Two barrels"],
					["four-barrel", "Four barrels, square"],
					["spread-bore", "Four barrels, spread"],
					["side-draught", "Side draught"]
				],
				need: 2,
				neededFor: "which throttle body bolts on"
			},
			{
				kind: "choice",
				path: "walkAround.intake.divider",
				label: "Divider under the flange",
				how: "Carburettor off, look down: does the wall between the planes reach the flange?",
				options: [
					["full", "Full height"],
					["cut", "Cut down"],
					["open", "None"]
				],
				drawing: "divider",
				need: 1,
				neededFor: "fuel distribution over two planes",
				relevant: (j) => j.walkAround.intake.manifold === "two-plane"
			},
			{
				kind: "choice",
				path: "walkAround.intake.metal",
				label: "Manifold material",
				options: [["iron", "Iron"], ["aluminium", "Aluminium"]],
				how: "Use a magnet.",
				need: 1,
				neededFor: "bolts and threads"
			}
		]
	},
	IGNITION,
	COOLING,
	GEARBOX,
	{
		id: "exhaust",
		title: "Exhaust",
		entries: [
			{
				kind: "choice",
				path: "walkAround.exhaust.manifold",
				label: "Exhaust manifold",
				how: "Rough iron is cast; bent tubes are a header.",
				options: [["cast", "Cast"], ["tubular", "Tubular header"]],
				need: 1,
				neededFor: "heat at the sensor"
			},
			{
				kind: "choice",
				path: "walkAround.exhaust.merge",
				label: "Exhaust pipes",
				how: "From under the car, cold: follow each bank’s pipe to the tail.",
				options: [
					["one", "All into one"],
					["per-bank", "One per bank, separate"],
					["banks-joined", "One per bank, joined later"]
				],
				need: 2,
				neededFor: "one oxygen sensor or two"
			},
			{
				kind: "figure",
				path: "walkAround.exhaust.primaryLengthM",
				label: "Port to merge",
				family: "distance",
				how: "String along the centre of the longest primary.",
				need: 1,
				neededFor: "heat at the sensor"
			},
			{
				kind: "figure",
				path: "walkAround.exhaust.pipeDiameterM",
				label: "Pipe outside diameter",
				family: "bore",
				how: "A tape once round, divided by 3.14. After the merge, where a sensor could go.",
				drawing: "pipe-tape",
				need: 2,
				neededFor: "bung and clamp"
			},
			{
				kind: "figure",
				path: "walkAround.exhaust.tailLengthM",
				label: "Merge to open end",
				family: "distance",
				how: "String along the pipe from the merge to the open end.",
				drawing: "tail-length",
				need: 2,
				neededFor: "false-lean reading at idle"
			},
			{
				kind: "figure",
				path: "walkAround.exhaust.otherPipeDiameterM",
				label: "Other bank: outside diameter",
				how: "As on the first bank: a tape once round, divided by 3.14.",
				family: "bore",
				drawing: "pipe-tape",
				need: 1,
				neededFor: vee,
				relevant: (j) => j.walkAround.exhaust.merge === "per-bank" || j.walkAround.exhaust.merge === "banks-joined"
			},
			{
				kind: "figure",
				path: "walkAround.exhaust.otherTailLengthM",
				label: "Other bank: merge to end",
				how: "As on the first bank: string along the pipe.",
				family: "distance",
				drawing: "tail-length",
				need: 1,
				neededFor: vee,
				relevant: (j) => j.walkAround.exhaust.merge === "per-bank"
			},
			{
				kind: "seen",
				path: "walkAround.exhaust.catalyst",
				label: "Catalyst",
				how: "A can with a heat shield ahead of the silencers. The law may require it to stay.",
				need: 1,
				neededFor: "sensor ahead of it; local law"
			}
		]
	},
	TANK$1,
	LINES,
	POWER,
	BONNET_AND_CABIN
];
// packages/core/src/meaning/carLabels.ts
const VEHICLE_LABELS = {
	"": "",
	title: "Name of the car",
	year: "Year",
	layout: {
		label: "Layout",
		words: {
			inline: "In line",
			vee: "Vee",
			flat: "Flat"
		}
	},
	cylinders: "Cylinders",
	displacementM3: "Displacement",
	aspiration: {
		label: "Induction",
		words: {
			natural: "naturally aspirated",
			supercharged: "supercharged",
			turbocharged: "turbocharged"
		}
	},
	powerW: "Target power",
	powerBasis: {
		label: "Power stated as",
		words: {
			"flywheel-net": "flywheel, net",
			"flywheel-gross": "flywheel, gross",
			wheels: "at the wheels"
		}
	},
	powerSpeedRpm: "Speed at that power",
	boostPa: "Boost at full power",
	idleSpeedRpm: "Idle speed",
	idleManifoldPa: "Manifold at idle, absolute",
	cruiseSpeedRpm: "Cruise speed",
	cruiseManifoldPa: "Manifold at cruise, absolute"
};
const SYSTEM_LABELS = {
	"": "",
	powerLaterW: "Planned power",
	boostLaterPa: "Planned boost",
	budgetClass: "Budget",
	originality: {
		label: "Originality",
		words: {
			"looks-stock": "looks stock",
			"can-be-undone": "can be undone",
			free: "free"
		}
	},
	welder: {
		label: "Who welds",
		words: {
			self: "we do",
			shop: "a shop",
			none: "nobody"
		}
	},
	timingControl: {
		label: "Timing control",
		words: {
			wanted: "wanted",
			later: "perhaps later",
			no: "no"
		}
	},
	gearboxControl: "Gearbox control",
	fanControl: "Fan control",
	compared: "Compared",
	chosen: {
		"": "Chosen system",
		injection: {
			label: "injection",
			words: {
				"throttle-body-low": "throttle body, low pressure",
				"throttle-body-high": "throttle body, high pressure",
				port: "in the ports"
			}
		},
		build: {
			label: "built from",
			words: {
				"from-parts": "single parts",
				"ready-kit": "a kit made for the engine",
				"other-manifold": "parts on another manifold"
			}
		},
		firing: {
			label: "firing",
			words: {
				batch: "batch",
				sequential: "sequential"
			}
		},
		timing: {
			label: "timing",
			words: {
				none: "not controlled",
				"controlled-distributor": "controlled distributor",
				"locked-distributor": "locked distributor",
				"crank-trigger": "crank trigger"
			}
		},
		trigger: {
			label: "trigger",
			words: {
				coil: "coil",
				distributor: "distributor",
				"crank-wheel": "crank wheel",
				"crank-and-cam": "crank and cam"
			}
		},
		oxygenSensors: "oxygen sensors",
		fuelLoop: {
			label: "fuel",
			words: {
				return: "return-type",
				"single-line": "returnless"
			}
		},
		pumpPlace: {
			label: "pump",
			words: {
				"in-tank": "in the tank",
				"in-line": "in line"
			}
		}
	},
	controller: "ECU",
	reason: "Reason for the choice"
};
const WORK_LABELS = {
	"": "",
	state: {
		label: "State of the work",
		words: WORK_STATE_WORDS
	},
	personId: "Assigned to",
	heldBy: "On hold because",
	built: "Built"
};
// packages/core/src/meaning/exhaustLabels.ts
const BANKS = {
	a: "bank A",
	b: "bank B"
};
const RUNS = {
	...BANKS,
	common: "common pipe"
};
const PIECE_LABELS = {
	"": "",
	name: "name",
	kind: {
		label: "kind",
		words: {
			primaries: "primaries",
			log: "log manifold",
			merge: "merge or collector",
			pipe: "pipe",
			flexible: "flexible piece",
			turbine: "turbine",
			catalyst: "catalyst",
			silencer: "silencer",
			crossover: "cross-over",
			"open-end": "open end"
		}
	},
	count: "identical pipes in parallel",
	lengthM: "length",
	outsideM: "outside diameter (by caliper)",
	roundM: "circumference (by tape)",
	wallM: "wall",
	bendDeg: "bend",
	bendRadiusM: "centre-line radius",
	bendClockDeg: "bend direction, clock position",
	inclinationDeg: "slope towards the tail",
	joint: {
		label: "joint",
		words: {
			"one-piece": "none: the same tube",
			gasket: "gasket at the ports",
			welded: "welded",
			flange: "flange",
			slip: "slip joint",
			clamped: "clamp",
			ball: "ball joint"
		}
	},
	jointState: {
		label: "joint tested",
		words: {
			tight: "tight",
			leaks: "leaks"
		}
	},
	leakM: "hole at the joint, as a round hole",
	covered: {
		label: "covered",
		words: {
			bare: "bare",
			wrapped: "wrapped",
			coated: "coated"
		}
	},
	wastegateReturnM: "distance to wastegate return"
};
const EXHAUST_LABELS = {
	"": "",
	banks: {
		"": ["Bank A", "Bank B"],
		seat: {
			"": "",
			cylinders: "cylinders",
			portHeightM: "height of first port above ground",
			portAcrossM: "offset right of the car’s centre line",
			headingDeg: "initial heading (plan view)",
			pieces: {
				"": "piece",
				item: PIECE_LABELS
			}
		}
	},
	common: {
		"": "Common pipe, piece",
		item: PIECE_LABELS
	},
	obstacles: {
		"": "Obstacle",
		item: {
			"": "",
			name: "name",
			run: {
				label: "near",
				words: RUNS
			},
			alongM: "centre, distance along the pipe",
			lengthM: "length along the pipe",
			clockDeg: "centre, clock position",
			widthDeg: "width around the pipe",
			gapM: "gap to the pipe",
			moves: "it moves",
			otherAlongM: "other end: distance along the pipe",
			otherClockDeg: "other end: clock position",
			otherGapM: "other end: gap to the pipe"
		}
	},
	groundClearanceM: "Ground clearance to keep",
	school: {
		label: "Recommended distance",
		words: {
			near: "near",
			middle: "middle",
			far: "far",
			"far-racing": "far, racing"
		}
	},
	angleSchool: {
		label: "Recommended angle",
		words: {
			level: "level or above",
			five: "5° above level",
			ten: "10° above level"
		}
	},
	sensorCount: "How many oxygen sensors",
	spots: {
		"": ["Sensor A", "Sensor B"],
		seat: {
			"": "",
			run: {
				label: "sits on",
				words: RUNS
			},
			alongM: "along the pipe",
			clockDeg: "clock position"
		}
	},
	sensor: "Oxygen sensor",
	typeSet: "Type set before plugging in",
	bung: "Bung",
	material: {
		label: "Pipe material",
		words: {
			"mild-steel": "mild steel",
			stainless: "stainless",
			aluminised: "aluminised steel",
			cast: "cast iron"
		}
	},
	joinBy: {
		label: "The sensor is",
		words: {
			weld: "welded in",
			clamp: "clamped on"
		}
	},
	cablePathM: "Sensor cable: length to the harness",
	cableGapM: "Sensor cable: closest to the pipe",
	airInjection: {
		label: "Air is pumped",
		words: {
			none: "none",
			ports: "into the ports",
			catalyst: "into the catalyst",
			"shut-off": "shut off in closed loop"
		}
	},
	heatRiser: {
		label: "Heat-riser flap",
		words: {
			none: "none",
			working: "works",
			"wired-open": "wired open",
			seized: "seized"
		}
	},
	heatRiserBank: {
		label: "Bank with the heat-riser flap",
		words: BANKS
	},
	leadedFuel: "Leaded, or with a lead substitute",
	correctionLimit: "Trim limit of the loop",
	readsToLambda: "Lean end of the display",
	openLoopLambda: "Open-loop lambda",
	steers: {
		"": "",
		a: {
			label: "Sensor A trims",
			words: BANKS
		},
		b: {
			label: "Sensor B trims",
			words: BANKS
		}
	},
	bankTest: {
		label: "Injector of bank A unplugged",
		words: {
			"own-went-lean": "reading A went lean: right",
			"other-went-lean": "reading B went lean: crossed"
		}
	}
};
// packages/core/src/meaning/fuelLabels.ts
const line$1 = (name, rise) => ({
	"": name,
	hose: "hose or tube",
	measuredBoreM: "bore, if measured",
	lengthM: "length",
	riseM: rise,
	bends90: "bends of 90°",
	bends45: "bends of 45°",
	connectors: "connectors and tees",
	legs: {
		"": "leg",
		item: {
			"": "",
			name: "name",
			hose: "hose or tube",
			lengthM: "length, seat to seat",
			bends90: "bends of 90°",
			bends45: "bends of 45°",
			bendRadiusM: "tightest bend, inside radius",
			start: "start fitting",
			end: "end fitting",
			moves: {
				label: "one end moves with",
				words: {
					no: "nothing, it is clipped",
					tank: "the tank, when lowered",
					engine: "the engine",
					inside: "inside the tank"
				}
			},
			exhaustGapM: "closest to the exhaust",
			sleeved: "heat sleeve over it",
			nearMotion: "near linkage, fan or axle",
			panels: "panels it passes through"
		}
	}
});
const FUEL_LABELS = {
	"": "",
	ethanolShare: "Ethanol in the fuel",
	fuelTemperatureK: "Fuel temperature",
	systemType: {
		label: "System type",
		words: {
			return: "return-type",
			"single-line": "returnless"
		}
	},
	injectionPlace: {
		label: "Injector location",
		words: {
			"above-plate": "above the throttle plate",
			"below-plate": "below the throttle plate",
			port: "in the ports"
		}
	},
	setPressurePa: "Set pressure",
	referenced: "Reference hose to the manifold",
	pump: "Pump",
	pumpCount: "Pumps in parallel",
	strainer: "Strainer, before the pump",
	filter: "Fine filter, after the pump",
	filterPosition: {
		label: "Filter location",
		words: {
			"before-regulator": "before the regulator",
			"after-regulator": "after the regulator"
		}
	},
	regulator: "Regulator",
	gaugeMostPa: "Gauge full scale",
	feed: line$1("Feed line", "rise, tank to rail"),
	return: line$1("Return line", "rise, regulator to tank"),
	suction: line$1("Suction line", "rise, tank to pump"),
	vent: line$1("Vent line", "rise, tank to end"),
	oldLine: {
		"": "Existing hard line",
		keeps: {
			label: "stays as",
			words: {
				feed: "feed",
				return: "return"
			}
		},
		outsideM: "outside",
		wallM: "wall",
		joints: {
			label: "joints",
			words: {
				flared: "flared",
				compression: "compression fittings",
				"hose-and-clip": "hose and clip",
				soldered: "soldered"
			}
		},
		provedPa: "water test pressure held"
	},
	injector: "Injectors",
	injectorCount: "How many injectors",
	openingsPerCycle: "Openings per engine cycle",
	lowV: "Minimum voltage at the pump",
	runningV: "Voltage at the pump, running",
	highV: "Highest charging voltage",
	reidPa: "Reid vapour pressure, as bought",
	altitudeM: "Highest altitude driven",
	hotFuelK: "Hottest fuel in the tank",
	inletHeadM: "Fuel head above pump inlet, tank low",
	primeS: "Pump run time at key-on",
	railM3: "Rail volume",
	tank: {
		"": "",
		hangerM: "Module length",
		mostHangerM: "Module: maximum extension",
		floorClearanceM: "Strainer clearance",
		hatHeightM: "Hat height above the tank",
		fittingHeightM: "Fitting height above the hat",
		bendRadiusM: "Hose bend above the fittings",
		tiltDeg: "Tilt while lifting the tank",
		hingeToHatM: "Lifting edge to far side of hat",
		swingRoomM: "Side room: hat to nearest rib",
		lowerM: "Drop needed to reach the hoses",
		lowM3: "Lowest fuel it must run on",
		floorLengthM: "Tank floor length (along the car)",
		floorWidthM: "Tank floor width (across the car)",
		fromFrontM: "Pick-up to front wall",
		fromLeftM: "Pick-up to left wall",
		pickUpHeightM: "Fuel depth the pick-up needs",
		potM3: "Swirl pot or baffle box round the pick-up",
		lossWK: "Heat loss of the tank to air",
		returnWarmerK: "Return fuel temperature rise",
		hotDayK: "Air temperature, hot day",
		rollOverValve: "Roll-over valve",
		ventLoop: "Vent: loop above the filler",
		ventEnds: {
			label: "Vent outlet",
			words: {
				"outside-down": "outside, pointing down",
				inside: "inside the car",
				canister: "to a charcoal canister"
			}
		},
		senderEmptyOhm: "Sender resistance, empty",
		senderFullOhm: "Sender resistance, full",
		gaugeEmptyOhm: "Gauge resistance, empty",
		gaugeFullOhm: "Gauge resistance, full"
	},
	safety: {
		"": "Pump cut-off",
		stopsWithEngine: "with the engine",
		inertiaSwitch: "after a crash",
		fused: "if a wire chafes"
	}
};
// packages/core/src/meaning/powerLabels.ts
/** What every wire of the design is called. */
const WIRE_LABELS = {
	starterCable: "Starter cable",
	batteryEarth: "Battery to engine strap",
	engineStrap: "Engine to body strap",
	bodyStrap: "Battery to body strap",
	chargeCable: "Charging cable",
	oldFeed: "Old main feed",
	lightsFeed: "Feed to the fuse box",
	ignitionFeed: "Ignition feed",
	ecuFeed: "ECU feed",
	ecuEarth: "ECU earth",
	keyedFeed: "Keyed feed",
	pumpFeed: "Pump feed",
	pumpEarth: "Pump earth",
	fanFeed: "Fan feed",
	fanEarth: "Fan earth"
};
const RETURN_WORDS$1 = {
	ecu: "ECU sensor earth",
	block: "engine block",
	head: "cylinder head",
	body: "body",
	battery: "battery terminal"
};
const wire = (name) => ({
	"": name,
	lengthM: "length",
	size: {
		label: "size",
		words: Object.fromEntries(WIRE_SIZES.map((s) => [s.id, s.words]))
	},
	joints: {
		label: "terminals",
		words: {
			good: "crimped and bright",
			fair: "sound, not new",
			poor: "green or loose",
			rusty: "on rust"
		}
	},
	ambient: {
		label: "runs through",
		words: {
			cabin: "cabin or boot",
			bay: "engine bay",
			hot: "near the exhaust"
		}
	},
	insulation: {
		label: "insulation",
		words: {
			xlpe: "cross-linked, 125 °C",
			pvc: "PVC, 85 °C"
		}
	},
	loadedWires: "loaded wires in its bundle",
	fuseA: "fuse",
	crankDropV: "voltage drop while cranking"
});
// packages/core/src/meaning/tables.ts
/** What every part of the document is called. */
const LABELS = {
	vehicle: VEHICLE_LABELS,
	system: SYSTEM_LABELS,
	fuel: FUEL_LABELS,
	exhaust: EXHAUST_LABELS,
	power: {
		"": "",
		battery: {
			"": "Battery",
			standard: {
				label: "rating standard",
				words: {
					en: "EN",
					sae: "SAE"
				}
			},
			place: {
				label: "place in the conversion",
				words: {
					bay: "in the engine bay",
					boot: "in the boot",
					"under-seat": "under a seat"
				}
			}
		},
		generator: {
			"": "Generator",
			regulatorV: "regulator voltage",
			cutInRpm: "cut-in speed",
			output: {
				"": "output",
				item: {
					"": "",
					speedRpm: "speed",
					currentA: "current"
				}
			},
			joins: {
				label: "output cable goes to",
				words: {
					"starter-stud": "starter stud",
					"old-main": "ammeter or key",
					battery: "battery terminal"
				}
			}
		},
		old: {
			"": "Old wiring",
			bulkheadConnector: "bulkhead connector",
			fusibleLink: "fusible link",
			killSwitch: {
				label: "kill switch",
				words: {
					none: "none",
					battery: "in the battery cable",
					ignition: "in the ignition feed",
					full: "battery, keyed feed and generator field"
				}
			},
			chargeLamp: "charging lamp on the generator’s field",
			keyedWires: {
				"": "Keyed wires as found",
				item: {
					"": "",
					name: "name",
					offV: "key off",
					runV: "key on",
					startV: "starter turning",
					postsV: "battery terminals in the same start"
				}
			},
			box: {
				"": "Old fuse box",
				item: {
					"": "",
					name: "position",
					feeds: "feeds",
					live: {
						label: "live",
						words: {
							always: "always",
							run: "in run",
							"run-and-start": "in run and start",
							lights: "with the lights"
						}
					},
					ratingA: "fuse"
				}
			}
		},
		starter: {
			"": "Starter",
			powerW: "rated power"
		},
		design: {
			"": "",
			ecuFeed: {
				label: "ECU constant feed from",
				words: {
					battery: "battery terminal",
					"starter-stud": "starter stud",
					"kill-switch": "kill switch",
					"old-main": "old fuse box",
					ignition: "ignition switch"
				}
			},
			ecuEarth: {
				label: "ECU power earth at",
				words: {
					battery: "battery terminal",
					block: "engine block",
					head: "cylinder head",
					body: "body"
				}
			},
			keyedFeed: {
				label: "ECU keyed feed from",
				words: {
					relay: "relay, live in run and start",
					"run-and-start": "old wire live in run and start",
					"run-only": "old wire dead in start",
					"after-ballast": "coil terminal, after the ballast"
				}
			},
			pumpFeed: {
				label: "Pump feed from",
				words: {
					battery: "battery terminal",
					"starter-stud": "starter stud",
					"old-main": "old fuse box"
				}
			},
			pumpEarth: {
				label: "Pump earth at",
				words: {
					body: "proven clean body point",
					battery: "battery terminal",
					frame: "old frame, as found"
				}
			},
			relays: {
				label: "ECU and pump relays",
				words: {
					separate: "one each",
					shared: "one for both"
				}
			},
			fan: {
				label: "Electric fan",
				words: {
					none: "none",
					relay: "relay, driven by the ECU",
					"old-switch": "old switch and wiring"
				}
			},
			heaterFeed: {
				label: "Oxygen sensor heater fed from",
				words: {
					keyed: "keyed feed",
					"pump-relay": "pump relay",
					constant: "constant feed"
				}
			},
			gaugesFeed: {
				label: "Added gauges fed from",
				words: {
					ignition: "ignition circuit",
					"pump-relay": "pump relay"
				}
			},
			pickUpFeed: {
				label: "Pick-ups and Hall sensors fed from",
				words: {
					ecu: "ECU",
					"own-branch": "branch of their own, filtered",
					"coil-branch": "branch of coils or injectors"
				}
			},
			jumpPosts: "Jump posts in the engine bay",
			pumpCut: {
				label: "Pump stops with the engine by",
				words: {
					ecu: "ECU output to its relay",
					"oil-pressure": "oil-pressure switch, bypassed in start"
				}
			},
			coilFeed: {
				label: "Ignition coils fed from",
				words: {
					key: "key switch",
					relay: "keyed feed"
				}
			},
			fanTrigger: {
				label: "ECU switches the fan relay",
				words: {
					earth: "to earth",
					positive: "to positive"
				}
			},
			damping: {
				label: "Across the relay coils",
				words: {
					none: "nothing",
					diode: "diode",
					resistor: "resistor"
				}
			},
			lampDiode: "Diode in the charging lamp’s lead"
		},
		loads: {
			"": "",
			ecuW: "ECU power",
			headlampsW: "headlamps, both",
			sideLampsW: "side, tail and panel lamps",
			blowerA: "heater blower current",
			wipersA: "wiper current",
			ignitionA: "ignition current, mean",
			fanA: "radiator fan current",
			heaterW: "oxygen sensor heater",
			gaugesA: "gauges and extras current",
			restA: "current with the key off"
		},
		relay: {
			"": "Relay",
			pullInV: "pull-in voltage",
			dropOutV: "drop-out voltage",
			coilOhm: "coil resistance",
			coilK: "coil temperature"
		},
		sensors: {
			"": "",
			coolant: {
				label: "Coolant sensor returns to",
				words: {
					...RETURN_WORDS$1,
					reference: "5 V reference"
				}
			},
			air: {
				label: "Intake air sensor returns to",
				words: {
					...RETURN_WORDS$1,
					reference: "5 V reference"
				}
			},
			manifold: {
				label: "Manifold pressure sensor returns to",
				words: RETURN_WORDS$1
			},
			throttle: {
				label: "Throttle sensor returns to",
				words: RETURN_WORDS$1
			},
			oxygen: {
				label: "Oxygen sensor signal returns to",
				words: RETURN_WORDS$1
			}
		},
		leastCrankRpm: "Minimum cranking speed",
		wires: {
			"": "",
			starterCable: wire(WIRE_LABELS.starterCable),
			batteryEarth: wire(WIRE_LABELS.batteryEarth),
			engineStrap: wire(WIRE_LABELS.engineStrap),
			bodyStrap: wire(WIRE_LABELS.bodyStrap),
			chargeCable: wire(WIRE_LABELS.chargeCable),
			oldFeed: wire(WIRE_LABELS.oldFeed),
			lightsFeed: wire(WIRE_LABELS.lightsFeed),
			ignitionFeed: wire(WIRE_LABELS.ignitionFeed),
			ecuFeed: wire(WIRE_LABELS.ecuFeed),
			ecuEarth: wire(WIRE_LABELS.ecuEarth),
			keyedFeed: wire(WIRE_LABELS.keyedFeed),
			pumpFeed: wire(WIRE_LABELS.pumpFeed),
			pumpEarth: wire(WIRE_LABELS.pumpEarth),
			fanFeed: wire(WIRE_LABELS.fanFeed),
			fanEarth: wire(WIRE_LABELS.fanEarth)
		}
	},
	work: WORK_LABELS
};
// packages/core/src/meaning/describe.ts
const ENTRIES = new Map([...WALK_GROUPS.flatMap((g) => g.entries), ...Object.values(TEST_ENTRIES).flat()].map((e) => [e.path, e]));
/** The entry of the walk-around at a path, or of which it is one cylinder's figure. */
const walkEntryAt = (path) => ENTRIES.get(path) ?? ENTRIES.get(path.replace(/\.\d+$/, ""));
const wordsOfEntry = (entry) => entry.kind === "choice" ? Object.fromEntries(entry.options) : entry.kind === "seen" ? {
	true: entry.yes ?? "Yes",
	false: entry.no ?? "No"
} : null;
const familyOf = (node) => node?.is === "figure" ? node.family : null;
/** The names along a path, and what it ends in. */
const walk = (path, job, then) => {
	const names = [];
	const keys = path.split(".");
	let [label, node] = [LABELS, JOB];
	keys.forEach((key, i) => {
		const list = node?.is === "maybe" ? node.of : node;
		node = node && nodeAt(node, key);
		const own = label;
		if (list?.is === "list") {
			const called = job && valueAt(job, keys.slice(0, i + 1).join("."))?.name;
			if (key === "order") {
				const of = (names.pop() ?? "").replace(new RegExp(`(^|, )${list.one}$`, "i"), "");
				if (of) names.push(of);
				label = `order of the ${list.one}s`;
			} else {
				names.push(`“${then ?? called ?? "no longer there"}”`);
				label = own?.["item"];
			}
		} else if (list?.is === "seats") {
			const seats = own?.[""];
			names.push(seats?.[list.names.indexOf(key)] ?? key);
			label = own?.["seat"];
		} else {
			label = own?.[key];
			const group = label;
			if (typeof group === "object" && typeof group[""] === "string" && group[""] !== "") names.push(group[""]);
		}
	});
	return {
		names,
		label,
		node
	};
};
/**
* What people call a place of the document: "Feed line, leg “Tank to body”: length, seat to seat".
* @param job names the items of lists; without it they are named as no longer there
* @param then what the item on the way was called then, where it is known
*/
const describePath = (path, job = null, then = null) => {
	const entry = walkEntryAt(path);
	if (entry) {
		const cylinder = /\.(\d+)$/.exec(path)?.[1];
		return {
			label: cylinder === void 0 ? entry.label : `${entry.label}, cylinder ${Number(cylinder) + 1}`,
			family: "family" in entry ? entry.family : null,
			words: wordsOfEntry(entry)
		};
	}
	const { names, label, node } = walk(path, job, then);
	const word = label;
	const own = typeof label === "string" ? label : node && isLeaf(node) && word?.label ? word.label : null;
	const where = names.reduce((text, name) => text === "" ? name : name.startsWith("“") ? `${text} ${name}` : `${text}, ${name}`, "");
	return {
		label: own === null ? where || path : where === "" ? `${own[0].toUpperCase()}${own.slice(1)}` : `${where}: ${own}`,
		family: familyOf(node),
		words: node?.is === "word" ? word?.words ?? null : null
	};
};
// packages/core/src/figures/figureRule.ts
/** What stands at the figure's own place in the document. */
const entered = (path) => ({
	kind: "entered",
	from: null,
	why: "entered",
	uses: [],
	read: (job) => valueAt(job, path) ?? null
});
/** What stands at another place, or follows from what does. */
const measuredAt = (from, why, read) => ({
	kind: "measured",
	from,
	why,
	uses: [],
	read
});
const chosenAt = (from, why, read) => ({
	kind: "chosen",
	from,
	why,
	uses: [],
	read
});
const computed = (why, uses, read) => ({
	kind: "computed",
	from: null,
	why,
	uses,
	read
});
/** What is taken where nothing is known: a house default, shown as one wherever it is used. */
const assumed = (why, take, uses = []) => ({
	kind: "assumed",
	from: null,
	why,
	uses,
	read: typeof take === "function" ? take : () => take
});
// packages/core/src/figures/engineFigures.ts
const THUMB = "rule of thumb";
const SEA_LEVEL_PA = 101325;
/** Everything that computes with the engine. */
const ENGINE = [
	"walkAround",
	"system",
	"fuel",
	"exhaust",
	"power"
];
const boosted = (job) => job.vehicle.aspiration !== "natural";
const own$2 = (path) => entered(path);
const simple$4 = (path, value, why = THUMB) => ({
	usedBy: ENGINE,
	sources: [own$2(path), assumed(why, value)]
});
/** From bore, stroke and cylinders, m³: V = pi/4 b² s n; null while one of them is not known. */
const sweptM3 = (boreM, strokeM, cylinders) => boreM === null || strokeM === null || cylinders === null ? null : Math.PI / 4 * boreM ** 2 * strokeM * cylinders;
/**
* What the engine is, in the order a person would measure it. The last resorts are house assumptions for a mild road
* engine at sea level, shown as such wherever they are used.
*/
const ENGINE_FIGURES = {
	"vehicle.cylinders": {
		usedBy: ENGINE,
		sources: [
			own$2("vehicle.cylinders"),
			measuredAt("exhaust", "as its banks are numbered", ({ exhaust: { banks } }) => banks.length > 0 && banks.every((b) => b.cylinders.length > 0) ? new Set(banks.flatMap((b) => b.cylinders)).size : null),
			assumed("most common", 6)
		]
	},
	"vehicle.displacementM3": {
		usedBy: ENGINE,
		sources: [
			own$2("vehicle.displacementM3"),
			{
				...computed("bore, stroke and cylinders", ["vehicle.cylinders"], ({ walkAround: { engine } }, given) => sweptM3(engine.boreM, engine.strokeM, given.known("vehicle.cylinders"))),
				from: "walkAround"
			},
			assumed("0.5 L per cylinder", (_, given) => 5e-4 * given.number("vehicle.cylinders"), ["vehicle.cylinders"])
		]
	},
	"vehicle.powerW": {
		usedBy: ENGINE,
		sources: [
			own$2("vehicle.powerW"),
			chosenAt("system", "the planned power", (j) => j.system.powerLaterW),
			assumed("40 kW per litre, 60 with boost", (j, given) => (boosted(j) ? 6e7 : 4e7) * given.number("vehicle.displacementM3"), ["vehicle.displacementM3"])
		]
	},
	"vehicle.powerSpeedRpm": simple$4("vehicle.powerSpeedRpm", 5e3),
	"vehicle.boostPa": {
		usedBy: ENGINE,
		sources: [
			computed("naturally aspirated: none", [], (j) => boosted(j) ? null : 0),
			own$2("vehicle.boostPa"),
			assumed("half a bar", 5e4)
		]
	},
	"vehicle.idleSpeedRpm": simple$4("vehicle.idleSpeedRpm", 800),
	"vehicle.idleManifoldPa": {
		usedBy: ENGINE,
		sources: [
			own$2("vehicle.idleManifoldPa"),
			{
				...computed("the vacuum at idle", ["walkAround.tests.idleVacuumPa"], (_, given) => {
					const vacuumPa = given.known("walkAround.tests.idleVacuumPa");
					return vacuumPa === null ? null : SEA_LEVEL_PA - vacuumPa;
				}),
				from: "walkAround"
			},
			assumed("mild cam, sea level", 4e4)
		]
	},
	"vehicle.cruiseSpeedRpm": simple$4("vehicle.cruiseSpeedRpm", 2500),
	"vehicle.cruiseManifoldPa": simple$4("vehicle.cruiseManifoldPa", 55e3)
};
// packages/core/src/figures/exhaustFigures.ts
/** Nothing is asked of the loop before there is a pipe to put a sensor in. */
const begun$1 = ({ exhaust }) => exhaust.banks.some((b) => b.pieces.length > 0);
const simple$3 = (path, value, why) => ({
	usedBy: ["exhaust"],
	matters: begun$1,
	sources: [entered(path), assumed(why, value)]
});
/** The closed loop, until the controller's own figures are known. House defaults. */
const EXHAUST_FIGURES = {
	"exhaust.correctionLimit": simple$3("exhaust.correctionLimit", .25, "usual ECU default"),
	"exhaust.openLoopLambda": simple$3("exhaust.openLoopLambda", 1, "a correct table")
};
// packages/core/src/figures/powerFigures.ts
/** Listed as assumed at the power station alone. */
const simple$2 = (path, value, why) => ({
	usedBy: ["power"],
	sources: [entered(path), assumed(why, typeof value === "function" ? (j) => value(j) : value)]
});
const batteryPlaceOf = (j) => j.power.battery.place ?? j.walkAround.battery.place ?? "bay";
const isDynamo = (j) => j.walkAround.charging.kind === "dynamo";
/** Usual lengths, one way, m: with the battery in the bay, and away from the engine. Estimates. */
const LENGTHS = {
	starterCable: [.8, 4.5],
	batteryEarth: [.6, 4.5],
	engineStrap: [.4, .4],
	bodyStrap: [.4, .5],
	chargeCable: [1, 1],
	oldFeed: [1.2, 1.2],
	lightsFeed: [1, 1],
	ignitionFeed: [1.2, 1.2],
	ecuFeed: [1.8, 4.5],
	ecuEarth: [1.8, 4.5],
	keyedFeed: [1, 1],
	pumpFeed: [4.5, 1.5],
	pumpEarth: [.5, .5],
	fanFeed: [1.5, 5],
	fanEarth: [.6, .6]
};
const lengths = Object.fromEntries(WIRE_ROLES.map((role) => [`power.wires.${role}.lengthM`, simple$2(`power.wires.${role}.lengthM`, (j) => LENGTHS[role][batteryPlaceOf(j) === "bay" ? 0 : 1], "estimate for a car of usual size")]));
const electricFan = (j) => j.power.design.fan === "relay" || j.power.design.fan === "old-switch" || j.power.design.fan === null && j.walkAround.cooling.fan === "electric";
/** What the supply is computed with, in the order a person would find it out. */
const POWER_FIGURES = {
	"walkAround.battery.capacityC": simple$2("walkAround.battery.capacityC", 198e3, "usual size"),
	"walkAround.battery.coldCrankA": {
		usedBy: ["power"],
		sources: [entered("walkAround.battery.coldCrankA"), assumed("9 A for each Ah: rule of thumb", (_, given) => 9 * given.number("walkAround.battery.capacityC") / 3600, ["walkAround.battery.capacityC"])]
	},
	"walkAround.battery.ageS": simple$2("walkAround.battery.ageS", 94672800, "neither new nor tired"),
	"walkAround.tests.restingV": simple$2("walkAround.tests.restingV", 12.5, "four fifths charged"),
	"walkAround.battery.coldestStartK": simple$2("walkAround.battery.coldestStartK", 263.15, "until the owner says"),
	"walkAround.charging.ratedA": simple$2("walkAround.charging.ratedA", (j) => isDynamo(j) ? 22 : 40, "usual for a generator of its kind"),
	"walkAround.charging.pulleyRatio": simple$2("walkAround.charging.pulleyRatio", 2, "usual pulleys"),
	"power.generator.regulatorV": {
		usedBy: ["power"],
		sources: [entered("power.generator.regulatorV"), assumed("usual set point", (j) => REGULATOR[isDynamo(j) ? "dynamo" : "alternator"].setV)]
	},
	"power.generator.cutInRpm": simple$2("power.generator.cutInRpm", (j) => CUT_IN_RPM[isDynamo(j) ? "dynamo" : "alternator"], "usual for its kind"),
	"walkAround.engine.compressionRatio": simple$2("walkAround.engine.compressionRatio", 8.5, "a road engine of the time"),
	"power.starter.powerW": {
		usedBy: ["power"],
		sources: [entered("power.starter.powerW"), assumed("0.8 kW and 0.3 kW for each litre: rule of thumb", (_, given) => 800 + 3e5 * given.number("vehicle.displacementM3"), ["vehicle.displacementM3"])]
	},
	"power.leastCrankRpm": simple$2("power.leastCrankRpm", 80, "rule of thumb"),
	"power.loads.ecuW": simple$2("power.loads.ecuW", 10, "typical"),
	pumpA: {
		usedBy: ["power"],
		sources: [computed("pump’s own table at the set pressure", ["fuel.setPressurePa"], ({ fuel }, given) => {
			const table = fuel.pump?.tables.reduce((a, b) => Math.abs(b.voltageV - 13) < Math.abs(a.voltageV - 13) ? b : a);
			if (!table || table.points.length < 2) return null;
			const pa = given.number("fuel.setPressurePa");
			const i = Math.max(1, Math.min(table.points.length - 1, table.points.findIndex((p) => p.pressurePa >= pa)));
			const [a, b] = [table.points[i - 1], table.points[i]];
			const share = b.pressurePa === a.pressurePa ? 0 : (pa - a.pressurePa) / (b.pressurePa - a.pressurePa);
			return Math.max(.2, a.currentA + share * (b.currentA - a.currentA)) * fuel.pumpCount;
		}), assumed("usual at this pressure: typical", (_, given) => given.number("fuel.setPressurePa") > 2e5 ? 6 : 3, ["fuel.setPressurePa"])]
	},
	"power.loads.ignitionA": simple$2("power.loads.ignitionA", 4, "points or one coil: typical"),
	"power.loads.headlampsW": simple$2("power.loads.headlampsW", 110, "two of 55 W"),
	"power.loads.sideLampsW": simple$2("power.loads.sideLampsW", 30, "typical"),
	"power.loads.blowerA": simple$2("power.loads.blowerA", 5, "typical"),
	"power.loads.wipersA": simple$2("power.loads.wipersA", 3, "typical"),
	"power.loads.fanA": {
		...simple$2("power.loads.fanA", 12, "one fan of 30 to 40 cm: typical"),
		matters: electricFan
	},
	"power.loads.heaterW": simple$2("power.loads.heaterW", 15, "typical"),
	"power.loads.gaugesA": simple$2("power.loads.gaugesA", 1, "typical"),
	"power.loads.restA": simple$2("power.loads.restA", .02, "clock and the ECU’s memory: typical"),
	"power.relay.pullInV": simple$2("power.relay.pullInV", 7.5, "typical"),
	"power.relay.dropOutV": simple$2("power.relay.dropOutV", 3, "typical"),
	"power.relay.coilOhm": simple$2("power.relay.coilOhm", 85, "typical"),
	"power.relay.coilK": simple$2("power.relay.coilK", 333.15, "a warm bay"),
	...lengths
};
// packages/core/src/figures/supplyOfJob.ts
/** What is fitted until somebody decides or looks: size, fuse, terminals, and where it runs. Estimates. */
const USUAL = {
	starterCable: {
		size: "mm2-25",
		away: "mm2-35",
		fuseA: null,
		joints: "good",
		ambient: "bay"
	},
	batteryEarth: {
		size: "mm2-25",
		away: "mm2-35",
		fuseA: null,
		joints: "good",
		ambient: "bay"
	},
	engineStrap: {
		size: "mm2-16",
		fuseA: null,
		joints: "good",
		ambient: "bay"
	},
	bodyStrap: {
		size: "mm2-10",
		away: "mm2-35",
		fuseA: null,
		joints: "good",
		ambient: "bay"
	},
	chargeCable: {
		size: "mm2-6",
		fuseA: null,
		joints: "fair",
		ambient: "bay"
	},
	oldFeed: {
		size: "mm2-4",
		fuseA: null,
		joints: "fair",
		ambient: "cabin"
	},
	lightsFeed: {
		size: "mm2-2.5",
		fuseA: null,
		joints: "fair",
		ambient: "cabin"
	},
	ignitionFeed: {
		size: "mm2-1.5",
		fuseA: null,
		joints: "fair",
		ambient: "bay"
	},
	ecuFeed: {
		size: "mm2-4",
		away: "mm2-6",
		fuseA: 20,
		joints: "good",
		ambient: "cabin"
	},
	ecuEarth: {
		size: "mm2-4",
		away: "mm2-6",
		fuseA: null,
		joints: "good",
		ambient: "cabin"
	},
	keyedFeed: {
		size: "mm2-1",
		fuseA: null,
		joints: "good",
		ambient: "cabin"
	},
	pumpFeed: {
		size: "mm2-2.5",
		fuseA: 15,
		joints: "good",
		ambient: "cabin"
	},
	pumpEarth: {
		size: "mm2-2.5",
		fuseA: null,
		joints: "good",
		ambient: "cabin"
	},
	fanFeed: {
		size: "mm2-4",
		away: "mm2-6",
		fuseA: 30,
		joints: "good",
		ambient: "bay"
	},
	fanEarth: {
		size: "mm2-4",
		fuseA: null,
		joints: "good",
		ambient: "bay"
	}
};
/** Wires of a bundle that carry current at once, until somebody has counted. Estimates. */
const USUAL_LOADED = {
	ecuFeed: 2,
	ecuEarth: 2,
	keyedFeed: 2,
	pumpFeed: 2,
	pumpEarth: 2,
	fanFeed: 2,
	lightsFeed: 2,
	ignitionFeed: 2
};
/** Temperature to plan a wire's resistance by, K: its surroundings and some warmth of its own. Typical. */
const AMBIENT_K = {
	cabin: 318.15,
	bay: 353.15,
	hot: 373.15
};
/** Figures that a supply is made of, beside its own. */
const SUPPLY_USES = [
	...Object.keys(POWER_FIGURES),
	"vehicle.cylinders",
	"vehicle.displacementM3",
	"vehicle.idleSpeedRpm",
	"vehicle.powerSpeedRpm",
	"fuel.injectorCount"
];
/** Injectors of high resistance: 11 to 16 ohm. Typical. */
const INJECTOR_OHM = 14;
/** Until an ECU is up again: 0.2 to 0.4 s. Typical. */
const BOOT_S = .3;
/** Straps that the walk-around found or missed. */
const STRAPS$1 = {
	batteryEarth: "batteryToEngine",
	engineStrap: "engineToBody",
	bodyStrap: "batteryToBody"
};
const isStrap = (role) => role in STRAPS$1;
/** Drops that the walk-around measured while cranking, where the wire itself has none. */
const crankDropOf = (job, role) => {
	const own = job.power.wires[role].crankDropV;
	if (own !== null) return own;
	const { place } = job.power.battery;
	if (place !== null && place !== job.walkAround.battery.place) return null;
	const { crankingPlusDropV, crankingGroundDropV } = job.walkAround.tests;
	if (role === "starterCable") return crankingPlusDropV;
	return role === "batteryEarth" ? crankingGroundDropV : null;
};
/** Wires that carry the starter's current, by which a drop becomes a resistance. */
const CARRIES_STARTER = ["starterCable", "batteryEarth"];
const wireOf = (job, role, number) => {
	const w = job.power.wires[role];
	const usual = USUAL[role];
	const away = batteryPlaceOf(job) !== "bay";
	const size = wireSizeOf(w.size ?? (away && usual.away || usual.size));
	const { earths, tests } = job.walkAround;
	const seen = isStrap(role) && earths.condition !== null ? earths.condition === "bright" ? "good" : "poor" : null;
	const onFrame = role === "pumpEarth" && job.power.design.pumpEarth === "frame";
	const joints = w.joints ?? (onFrame ? "rusty" : seen ?? usual.joints);
	const dropV = crankDropOf(job, role);
	const crankA = tests.crankingA;
	const fitted = isStrap(role) ? earths[STRAPS$1[role]] ?? !(role === "batteryEarth" && away) : true;
	return {
		lengthM: number(`power.wires.${role}.lengthM`),
		sizeWords: size.words,
		sectionM2: size.sectionM2,
		ohmPerM: size.ohmPerM,
		jointOhm: 2 * JOINT_OHM[joints],
		temperatureK: AMBIENT_K[w.ambient ?? usual.ambient],
		ambientK: AMBIENT_K[w.ambient ?? usual.ambient],
		insulation: w.insulation ?? "xlpe",
		loadedWires: w.loadedWires ?? USUAL_LOADED[role] ?? 1,
		fuseA: w.fuseA ?? usual.fuseA,
		fitted,
		measuredOhm: CARRIES_STARTER.includes(role) && dropV !== null && crankA !== null && crankA > 0 ? dropV / crankA : null,
		assumed: [
			...w.lengthM === null ? ["length"] : [],
			...w.size === null ? ["size"] : [],
			...w.joints === null && seen === null ? ["joints"] : []
		]
	};
};
/**
* The car's supply in figures, from what was found, decided and assumed.
* @param number another figure of the job by its id: one of `SUPPLY_USES`
*/
const supplyOfJob = (job, number) => {
	const { power, walkAround, system } = job;
	const kind = isDynamo(job) ? "dynamo" : "alternator";
	const points = power.generator.output.flatMap((p) => p.speedRpm === null || p.currentA === null ? [] : [[p.speedRpm, p.currentA]]).sort((a, b) => a[0] - b[0]).filter(([rpm], i, all) => i === 0 || rpm > all[i - 1][0]);
	const cylinders = number("vehicle.cylinders");
	const displacementM3 = number("vehicle.displacementM3");
	const square = Math.cbrt(4 * displacementM3 / (Math.PI * cylinders));
	const boreM = walkAround.engine.boreM ?? square;
	return {
		battery: {
			standard: power.battery.standard ?? "en",
			coldCrankA: number("walkAround.battery.coldCrankA"),
			ageS: number("walkAround.battery.ageS"),
			charge: chargeAtRest(number("walkAround.tests.restingV")),
			temperatureK: 298.15
		},
		capacityC: number("walkAround.battery.capacityC"),
		batteryPlace: batteryPlaceOf(job),
		generator: {
			kind,
			output: points.length >= 2 ? points : typicalOutput(kind, number("walkAround.charging.ratedA"), number("power.generator.cutInRpm")),
			pulleyRatio: number("walkAround.charging.pulleyRatio"),
			setV: number("power.generator.regulatorV"),
			setPerK: REGULATOR[kind].setPerK,
			droopOhm: REGULATOR[kind].droopOhm,
			joins: power.generator.joins ?? (walkAround.wiring.ammeter ? "old-main" : "starter-stud")
		},
		old: {
			ammeter: walkAround.wiring.ammeter === true,
			bulkheadConnector: power.old.bulkheadConnector === true,
			fusibleLink: power.old.fusibleLink === true,
			ballast: walkAround.ignition.coilResistor === true,
			killSwitch: power.old.killSwitch ?? "none",
			chargeLamp: power.old.chargeLamp ?? !walkAround.wiring.ammeter,
			joints: walkAround.wiring.state === "sound" ? "good" : walkAround.wiring.state === "brittle" ? "poor" : "fair"
		},
		design: power.design,
		inertiaSwitch: job.fuel.safety.inertiaSwitch === true,
		fan: power.design.fan ?? (walkAround.cooling.fan === "electric" ? "old-switch" : "none"),
		starter: starterOfPower(number("power.starter.powerW")),
		engine: {
			displacementM3,
			cylinders,
			boreM,
			strokeM: 4 * displacementM3 / (Math.PI * cylinders * boreM ** 2),
			compressionRatio: number("walkAround.engine.compressionRatio"),
			inertiaKgM2: inertiaOf(displacementM3),
			oilFactor: 1
		},
		speeds: {
			idleRpm: number("vehicle.idleSpeedRpm"),
			fullRpm: number("vehicle.powerSpeedRpm")
		},
		loads: {
			ecuW: number("power.loads.ecuW"),
			pumpA: number("pumpA"),
			injectorOhm: INJECTOR_OHM,
			injectorCount: number("fuel.injectorCount"),
			ignitionA: number("power.loads.ignitionA"),
			headlampsW: number("power.loads.headlampsW"),
			sideLampsW: number("power.loads.sideLampsW"),
			blowerA: number("power.loads.blowerA"),
			wipersA: number("power.loads.wipersA"),
			fanA: number("power.loads.fanA"),
			heaterW: number("power.loads.heaterW"),
			gaugesA: number("power.loads.gaugesA"),
			restA: number("power.loads.restA")
		},
		relay: {
			pullInV: number("power.relay.pullInV"),
			dropOutV: number("power.relay.dropOutV"),
			coilOhm: number("power.relay.coilOhm"),
			coilK: number("power.relay.coilK")
		},
		ecu: {
			leastV: system.controller?.leastV ?? 7,
			rideThroughS: system.controller?.rideThroughS ?? .005,
			bootS: BOOT_S
		},
		coldestK: number("walkAround.battery.coldestStartK"),
		wires: Object.fromEntries(WIRE_ROLES.map((role) => [role, wireOf(job, role, number)]))
	};
};
// packages/core/src/figures/fuelFigures.ts
const FUEL$1 = ["fuel"];
const own$1 = (path) => entered(path);
const simple$1 = (path, value, why) => ({
	usedBy: FUEL$1,
	sources: [own$1(path), assumed(why, value)]
});
/** Length of a line: of its legs where there are some, null while one of them is not measured. */
const legsM = (line) => line.legs.length === 0 ? null : line.legs.reduce((sum, leg) => sum === null || leg.lengthM === null ? null : sum + leg.lengthM, 0);
/** A line that has legs is as long as they are: what stands at its own length counts no more. */
const lengthOf = (line) => [computed("sum of its legs", [], (j) => legsM(j.fuel[line])), {
	...own$1(`fuel.${line}.lengthM`),
	read: (j) => j.fuel[line].legs.length > 0 ? null : j.fuel[line].lengthM
}];
/** A single line has nothing that comes back. */
const noReturn = computed("returnless: none", ["fuel.systemType"], (_, given) => given.word("fuel.systemType") === "return" ? null : 0);
/**
* Whether a count of the whole line matters: legs have fittings and bends of their own, but those whose bends nobody
* counted share the bends of the line.
*/
const countMatters = (design, name) => design.legs.length === 0 || name !== "connectors" && design.legs.some((leg) => leg[name] === null);
const counted = (line) => {
	const rule = (name) => ({
		usedBy: FUEL$1,
		matters: (j, find) => countMatters(j.fuel[line], name) && (line === "feed" || find("fuel.systemType") === "return"),
		sources: [own$1(`fuel.${line}.${name}`), assumed("a typical line", USUAL_COUNTS[name])]
	});
	return {
		[`fuel.${line}.bends90`]: rule("bends90"),
		[`fuel.${line}.bends45`]: rule("bends45"),
		[`fuel.${line}.connectors`]: rule("connectors")
	};
};
/** No pump turns on less, and no battery charges on more, V. */
const [LEAST_V, MOST_V$1] = [6, 16];
/** Volts at the pump from the solved supply of the car; assumed as long as nobody has measured its feed. */
const fromNetwork = (which, when) => {
	const read = (j, given) => Math.min(MOST_V$1, Math.max(LEAST_V, pumpVolts(supplyOfJob(j, (id) => given.number(id)))[which]));
	return {
		usedBy: FUEL$1,
		sources: [
			own$1(`fuel.${which}`),
			{
				...computed(`by the solved supply, ${when}`, SUPPLY_USES, (j, given) => j.power.wires.pumpFeed.lengthM === null ? null : read(j, given)),
				from: "power"
			},
			assumed(`by the solved supply, ${when}; length of the pump feed not measured`, read, SUPPLY_USES)
		]
	};
};
/** What the fuel station computes its circuit with, in the order a person would measure it. */
const FUEL_FIGURES = {
	"fuel.ethanolShare": {
		usedBy: [
			"walkAround",
			"fuel",
			"exhaust"
		],
		sources: [own$1("fuel.ethanolShare"), assumed("pump petrol; have it tested", .1)]
	},
	"fuel.fuelTemperatureK": {
		usedBy: ["walkAround", "fuel"],
		sources: [own$1("fuel.fuelTemperatureK"), assumed("a warm tank", 303.15)]
	},
	"fuel.setPressurePa": {
		usedBy: ["fuel", "power"],
		sources: [own$1("fuel.setPressurePa"), assumed("usual for the chosen system and injector location", (j, given) => given.word("fuel.injectionPlace") === "port" ? 3e5 : j.system.chosen?.injection === "throttle-body-high" ? 4e5 : 1e5, ["fuel.injectionPlace"])]
	},
	"fuel.feed.lengthM": {
		usedBy: FUEL$1,
		sources: [...lengthOf("feed"), assumed("tank at the back", 4)]
	},
	"fuel.feed.riseM": simple$1("fuel.feed.riseM", .4, "tank under the floor"),
	...counted("feed"),
	"fuel.return.lengthM": {
		usedBy: FUEL$1,
		sources: [
			noReturn,
			...lengthOf("return"),
			assumed("as the feed", (_, given) => given.number("fuel.feed.lengthM"), ["fuel.feed.lengthM"])
		]
	},
	"fuel.return.riseM": {
		usedBy: FUEL$1,
		sources: [
			noReturn,
			own$1("fuel.return.riseM"),
			assumed("the feed the other way", (_, given) => -given.number("fuel.feed.riseM"), ["fuel.feed.riseM"])
		]
	},
	...counted("return"),
	"fuel.injectorCount": {
		usedBy: ["fuel", "power"],
		sources: [own$1("fuel.injectorCount"), assumed("one per cylinder, or four on a throttle body", (_, given) => given.word("fuel.injectionPlace") === "port" ? given.number("vehicle.cylinders") : 4, ["fuel.injectionPlace", "vehicle.cylinders"])]
	},
	"fuel.openingsPerCycle": {
		usedBy: FUEL$1,
		sources: [own$1("fuel.openingsPerCycle"), assumed("sequential one, batch two per cycle", (j) => j.system.chosen?.firing === "sequential" ? 1 : 2)]
	},
	"fuel.lowV": fromNetwork("lowV", "idling at night in rain"),
	"fuel.runningV": fromNetwork("runningV", "at full load"),
	"fuel.highV": fromNetwork("highV", "at full load, regulator cold")
};
// packages/core/src/figures/meetingFigures.ts
/** What one station decides or finds and another needs: words and choices. */
const MEETING_FIGURES = {
	"fuel.systemType": {
		usedBy: ["system", "fuel"],
		sources: [
			entered("fuel.systemType"),
			chosenAt("system", "as the chosen system needs", (j) => j.system.chosen?.fuelLoop ?? null),
			assumed("what most conversions have", "return")
		]
	},
	"fuel.injectionPlace": {
		usedBy: [
			"system",
			"fuel",
			"exhaust"
		],
		sources: [
			entered("fuel.injectionPlace"),
			chosenAt("system", "as the chosen system has it", ({ system: { chosen } }) => chosen ? chosen.injection === "port" ? "port" : "above-plate" : null),
			assumed("a throttle body in place of the carburettor", "above-plate")
		]
	},
	pumpPlace: {
		usedBy: ["fuel"],
		sources: [
			computed("as the chosen pump is mounted", [], ({ fuel: { pump } }) => pump ? pump.mount === "in-line" ? "in-line" : "in-tank" : null),
			chosenAt("system", "as the chosen system needs", (j) => j.system.chosen?.pumpPlace ?? null),
			assumed("until a pump is chosen", "in-line")
		]
	},
	"exhaust.sensorCount": {
		usedBy: ["exhaust"],
		sources: [
			entered("exhaust.sensorCount"),
			chosenAt("system", "as the chosen system needs", (j) => j.system.chosen?.oxygenSensors ?? null),
			assumed("one is usual", 1)
		]
	},
	"system.welder": {
		usedBy: ["system", "exhaust"],
		sources: [entered("system.welder")]
	},
	"walkAround.charging.kind": {
		usedBy: ["walkAround", "fuel"],
		sources: [entered("walkAround.charging.kind")]
	},
	"walkAround.tests.idleVacuumPa": {
		usedBy: [
			"walkAround",
			"fuel",
			"exhaust"
		],
		sources: [entered("walkAround.tests.idleVacuumPa")]
	},
	"walkAround.tests.exhaustLeak": {
		usedBy: ["walkAround", "exhaust"],
		sources: [measuredAt("exhaust", "joint by joint", ({ exhaust: { banks, common } }) => {
			const joints = [...banks.flatMap((b) => b.pieces), ...common].filter((p) => p.joint !== "one-piece");
			if (joints.some((p) => p.jointState === "leaks")) return "open-joint";
			return joints.length > 0 && joints.every((p) => p.jointState === "tight") ? "none" : null;
		}), entered("walkAround.tests.exhaustLeak")]
	}
};
// packages/core/src/figures/typicalReid.ts
/**
* Reid pressure of petrol of 60 kPa with a share of ethanol splashed in, Pa: rounded, after the shape of published
* splash-blend data; typical, not a standard's figure, 2 kPa either way. A little ethanol raises it, much lowers it.
*/
const TYPICAL_REID = [
	[0, 6e4],
	[.05, 66500],
	[.1, 67e3],
	[.15, 66500],
	[.2, 66e3],
	[.3, 64e3],
	[.5, 57e3],
	[.7, 46e3],
	[.85, 37e3],
	[1, 16e3]
];
/** What a blend of usual summer petrol and ethanol has as bought, Pa; between the points in a straight line. */
const typicalReidPa = (ethanolShare) => {
	const share = Math.min(1, Math.max(0, ethanolShare));
	const after = TYPICAL_REID.findIndex(([s]) => s >= share);
	const [s1, p1] = TYPICAL_REID[after];
	const [s0, p0] = TYPICAL_REID[Math.max(0, after - 1)];
	return s1 === s0 ? p1 : p0 + (p1 - p0) * (share - s0) / (s1 - s0);
};
// packages/core/src/figures/tankFigures.ts
const FUEL = ["fuel"];
const SHEET = "a typical module; its data sheet says";
const own = (path) => entered(path);
const onSheet = (read) => computed("the pump’s data sheet", [], (j) => read(j) ?? null);
/** Nothing is asked of tank and vapour before anything of the fuel design stands. */
const begun = (job) => job.fuel.pump !== null;
const withModule = (_, value) => value("pumpPlace") === "in-tank";
/** What summer fuel may have as it is sold, its ethanol included: refiners take that much out of the petrol. */
const SUMMER_REID_PA = 6e4;
const simple = (path, value, why, matters = begun) => ({
	usedBy: FUEL,
	matters,
	sources: [own(path), assumed(why, value)]
});
/** Tank, vapour and prime: asked for after the circuit itself. House assumptions, shown wherever they are used. */
const TANK_FIGURES = {
	"fuel.reidPa": {
		usedBy: FUEL,
		matters: begun,
		sources: [own("fuel.reidPa"), assumed("summer fuel as bought, less with much ethanol; winter fuel has up to 100 kPa", (_, given) => Math.min(SUMMER_REID_PA, typicalReidPa(given.number("fuel.ethanolShare"))), ["fuel.ethanolShare"])]
	},
	"fuel.altitudeM": simple("fuel.altitudeM", 1500, "a mountain pass"),
	"fuel.hotFuelK": simple("fuel.hotFuelK", 318.15, "a hot day, low tank"),
	"fuel.inletHeadM": {
		usedBy: FUEL,
		matters: begun,
		sources: [own("fuel.inletHeadM"), assumed("in-tank pump: just covered; in-line: level with the fuel", (_, given) => given.word("pumpPlace") === "in-tank" ? .02 : 0, ["pumpPlace"])]
	},
	"fuel.primeS": simple("fuel.primeS", 2, "two to three seconds are usual"),
	"fuel.railM3": {
		usedBy: FUEL,
		matters: begun,
		sources: [own("fuel.railM3"), assumed("throttle body 60 cm³, port rail 120 cm³", (_, given) => given.word("fuel.injectionPlace") === "port" ? 12e-5 : 6e-5, ["fuel.injectionPlace"])]
	},
	"walkAround.tank.volumeM3": {
		usedBy: ["walkAround", "fuel"],
		matters: begun,
		sources: [own("walkAround.tank.volumeM3"), assumed("a middling car", .05)]
	},
	"fuel.tank.hangerM": {
		usedBy: FUEL,
		matters: withModule,
		sources: [
			own("fuel.tank.hangerM"),
			onSheet((j) => j.fuel.pump?.hangerM),
			assumed(SHEET, .25)
		]
	},
	"fuel.tank.floorClearanceM": simple("fuel.tank.floorClearanceM", .008, "5 to 10 mm, sprung: rule of thumb", withModule),
	"fuel.tank.hatHeightM": {
		usedBy: FUEL,
		matters: withModule,
		sources: [
			own("fuel.tank.hatHeightM"),
			onSheet((j) => j.fuel.pump?.hatHeightM),
			assumed(SHEET, .025)
		]
	},
	"fuel.tank.fittingHeightM": simple("fuel.tank.fittingHeightM", .02, "a 90° end leaving sideways", withModule),
	"fuel.tank.bendRadiusM": simple("fuel.tank.bendRadiusM", 0, "hose leaves sideways: no bend above", withModule),
	"fuel.tank.lowerM": simple("fuel.tank.lowerM", .12, "a hand’s breadth to reach the fittings"),
	"fuel.tank.lowM3": {
		usedBy: FUEL,
		matters: begun,
		sources: [own("fuel.tank.lowM3"), assumed("a sixth of the tank", (_, given) => given.number("walkAround.tank.volumeM3") / 6, ["walkAround.tank.volumeM3"])]
	},
	"fuel.tank.lossWK": simple("fuel.tank.lossWK", 15, "1 m² of steel in moving air, 15 W/(m² K): rule of thumb"),
	"fuel.tank.returnWarmerK": {
		usedBy: FUEL,
		matters: begun,
		sources: [
			computed("returnless: none", ["fuel.systemType"], (_, given) => given.word("fuel.systemType") === "return" ? null : 0),
			own("fuel.tank.returnWarmerK"),
			assumed("under a warm bonnet: rule of thumb", 3)
		]
	},
	"fuel.tank.hotDayK": simple("fuel.tank.hotDayK", 303.15, "rule of thumb"),
	"fuel.tank.pickUpHeightM": simple("fuel.tank.pickUpHeightM", .012, "flat sock on the floor")
};
// packages/core/src/figures/figures.ts
/** Figures that are never without an answer: the last of their sources is an assumption. */
const SURE = {
	...ENGINE_FIGURES,
	...FUEL_FIGURES,
	...TANK_FIGURES,
	...EXHAUST_FIGURES,
	...POWER_FIGURES
};
/** Every figure that more than one place of the program computes with, and where each comes from. */
const FIGURES = {
	...SURE,
	...MEETING_FIGURES
};
const TABLE = figureTable(FIGURES);
TABLE.order;
/** A figure, entered, found elsewhere or assumed. SI. */
const figureOf = (job, field) => TABLE.find(job, field).value;
const supplies = /* @__PURE__ */ new WeakMap();
/** The car's supply in figures, the same object for the same document. */
const carSupplyOf = (job) => {
	let own = supplies.get(job);
	if (!own) supplies.set(job, own = supplyOfJob(job, (id) => TABLE.find(job, id).value));
	return own;
};
/** Whether a figure is asked for with this design. */
const matters = (job, id) => FIGURES[id]?.matters?.(job, (other) => TABLE.find(job, other).value) ?? true;
/** Figures that have no place of their own: where to go for them, what they are called and measure. */
const PLACES = { pumpA: "fuel.pump" };
const LABELS_OF = { pumpA: "Current of the fuel pump" };
const FAMILIES_OF = { pumpA: "current" };
/** Every figure a station computes with and nobody has measured, in measuring order. */
const assumptionsOf = (job, station) => Object.entries(SURE).flatMap(([field, { usedBy }]) => {
	if (!usedBy.includes(station)) return [];
	const { value, kind, why } = TABLE.find(job, field);
	if (kind !== "assumed" || !matters(job, field)) return [];
	return [{
		field: PLACES[field] ?? field,
		label: LABELS_OF[field] ?? describePath(field, job).label,
		si: value,
		family: FAMILIES_OF[field] ?? figureAt(field).family,
		why
	}];
});
// packages/core/src/fuel/checkFuelCircuit.ts
/** Least steps of a pump curve that count as rising and falling: far below anything measurable, above rounding. */
const LEAST_STEP = {
	pressurePa: 1e-6,
	flowM3S: 1e-15,
	flowShare: 1e-9
};
/** Faults of a pump curve: too short, not sorted by pressure, flow not strictly falling. */
const checkPumpCurve = (curve, field) => {
	if (curve.length < 2) return [{
		code: "curveTooShort",
		field,
		value: curve.length,
		allowed: "at least 2 points"
	}];
	const errors = [];
	for (let i = 1; i < curve.length; i++) {
		const before = curve[i - 1];
		const here = curve[i];
		if (!(here.pressurePa - before.pressurePa >= LEAST_STEP.pressurePa)) errors.push({
			code: "curveNotSorted",
			field: `${field}.${i}.pressurePa`,
			value: here.pressurePa,
			allowed: `above ${before.pressurePa}, the point before (sorted by pressure)`
		});
		if (!(before.flowM3S - here.flowM3S >= Math.max(LEAST_STEP.flowM3S, LEAST_STEP.flowShare * before.flowM3S))) errors.push({
			code: "curveNotFalling",
			field: `${field}.${i}.flowM3S`,
			value: here.flowM3S,
			allowed: `below ${before.flowM3S}, the point before (flow falls strictly as pressure rises)`
		});
	}
	return errors;
};
// packages/core/src/fuel/pumpCurve.ts
/** The two curve points between which (or beyond which) a pressure lies. */
const segmentByPressure = (curve, pressurePa) => {
	let i = 1;
	while (i < curve.length - 1 && pressurePa > curve[i].pressurePa) i++;
	return [curve[i - 1], curve[i]];
};
/** Flow at a pressure rise, m³/s: straight lines between the points, end pieces prolonged, never below zero. */
const pumpFlowAt = (curve, pressurePa, trace, voltageV) => {
	const [a, b] = segmentByPressure(curve, pressurePa);
	const slope = (b.flowM3S - a.flowM3S) / (b.pressurePa - a.pressurePa);
	const flowM3S = Math.max(0, b.flowM3S + slope * (pressurePa - b.pressurePa));
	trace?.step({
		symbol: "Q_p",
		meaning: `pump flow${voltageV === void 0 ? "" : ` at ${voltageV} V`}, straight between two points of its curve`,
		formula: "max(0, Q_2 + (Q_2 - Q_1) * (p - p_2) / (p_2 - p_1))",
		inputs: {
			Q_1: {
				value: a.flowM3S,
				unit: "m³/s"
			},
			Q_2: {
				value: b.flowM3S,
				unit: "m³/s"
			},
			p: {
				value: pressurePa,
				unit: "Pa rise"
			},
			p_1: {
				value: a.pressurePa,
				unit: "Pa"
			},
			p_2: {
				value: b.pressurePa,
				unit: "Pa"
			}
		},
		result: flowM3S,
		unit: "m³/s",
		source: "pump table at this voltage"
	});
	return flowM3S;
};
/** Pressure rise at a flow >= 0, Pa; strictly falling in flow. At no flow it is the shut-off pressure. */
const pumpRiseAt = (curve, flowM3S) => {
	let i = 1;
	while (i < curve.length - 1 && flowM3S < curve[i].flowM3S) i++;
	const a = curve[i - 1];
	const b = curve[i];
	return b.pressurePa + (b.pressurePa - a.pressurePa) * (flowM3S - b.flowM3S) / (b.flowM3S - a.flowM3S);
};
// packages/core/src/fuel/pumpAtVoltage.ts
/**
* Voltage below which a roller or turbine pump delivers nothing against a pressure, V: about 4 V at 300 kPa rising to
* 6.5 V at 550 kPa, straight between and beyond, never below 2 V. Rule of thumb, for pumps with one table only.
*/
const stallVoltageV = (pressurePa) => Math.max(2, 4 + (pressurePa - 3e5) / 25e4 * 2.5);
/** Stall voltage at most, as a share of the voltage a table was taken at. */
const MOST_STALL_SHARE = .8;
/** Flow that counts as none, as a share of what the nearest table begins with: far below anything measurable. */
const NOTHING_SHARE = 1e-6;
/**
* Beyond the voltages of its tables a curve falls at least by this share of what the nearest table does between the
* same pressures. Rules that stretch a table can make a stiff pump deliver more against more pressure, which none does.
* Rule of this house.
*/
const LEAST_FALL = .5;
/** Current of a pump against a pressure rise, A: straight between its points, the end pieces prolonged, never below 0. */
const currentAtRise = (points, pressurePa) => {
	let i = 1;
	while (i < points.length - 1 && pressurePa > points[i].pressurePa) i++;
	const a = points[i - 1];
	const b = points[i];
	const share = (pressurePa - a.pressurePa) / (b.pressurePa - a.pressurePa);
	return Math.max(0, a.currentA + share * (b.currentA - a.currentA));
};
/** Every listed pressure, and none at all: there a pump stalls or does not. */
const pressuresOf = (tables) => [.../* @__PURE__ */ new Set([0, ...tables.flatMap((t) => t.points.map((p) => p.pressurePa))])].sort((a, b) => a - b);
const ROUNDING_SHARE = 1e-9;
/** Points at which the table of the higher voltage delivers less than the other does at that pressure. */
const crossings = (tables) => {
	const [a, b] = tables;
	const listed = (t, pa) => pa >= t.points[0].pressurePa && pa <= t.points.at(-1).pressurePa;
	return tables.flatMap((t, k) => {
		const other = k === 0 ? b : a;
		return t.points.flatMap((p, i) => {
			if (!listed(other, p.pressurePa)) return [];
			const otherM3S = pumpFlowAt(other.points, p.pressurePa);
			const higher = t.voltageV > other.voltageV;
			const slackM3S = ROUNDING_SHARE * otherM3S;
			if (higher ? p.flowM3S >= otherM3S - slackM3S : p.flowM3S <= otherM3S + slackM3S) return [];
			return [{
				code: "tablesCross",
				field: `tables.${k}.points.${i}.flowM3S`,
				value: p.flowM3S,
				allowed: `${higher ? "at least" : "at most"} ${otherM3S}, what the table of ${other.voltageV} V gives there`
			}];
		});
	});
};
/** What stands in the way of computing with a pump's tables, whatever the voltage. */
const checkPumpTables = (tables) => {
	const [a, b] = tables;
	if (!a) return [{
		code: "noTable",
		field: "tables",
		value: 0,
		allowed: "1 or 2 tables"
	}];
	const errors = tables.flatMap((t, i) => checkPumpCurve(t.points, `tables.${i}.points`));
	if (errors.length > 0 || !b) return errors;
	if (a.voltageV === b.voltageV) return [{
		code: "sameVoltage",
		field: "tables.1.voltageV",
		value: b.voltageV,
		allowed: `other than ${a.voltageV}, the first table's`
	}];
	return crossings(tables);
};
/**
* Pump curve at a voltage. With two tables flow and current are taken straight between them (and beyond) at each
* pressure; with one, Q(p, V) = Q(p, Vref) (V - V0)/(Vref - V0) with V0 from the rule of thumb, current unchanged
* (torque follows pressure). Beyond the tables the flow falls at least half as much as in the nearest table, so that
* it falls everywhere. The curve ends where the flow reaches nothing; the pump stalls where it brings nothing even
* against no pressure.
* @param voltageV 5 to 18 V at the pump's own terminals
*/
const pumpAtVoltage = (tables, voltageV) => {
	let known = curves.get(tables);
	if (!known || known.size >= MOST_CURVES) curves.set(tables, known = /* @__PURE__ */ new Map());
	let found = known.get(voltageV);
	if (!found) known.set(voltageV, found = curveAt(tables, voltageV));
	return found;
};
const curves = /* @__PURE__ */ new WeakMap();
const MOST_CURVES = 64;
const curveAt = (tables, voltageV) => {
	const errors = checkPumpTables(tables);
	if (errors.length > 0) return err(errors);
	const a = tables[0];
	const b = tables[1] ?? null;
	const near = b && Math.abs(b.voltageV - voltageV) < Math.abs(a.voltageV - voltageV) ? b : a;
	const within = b !== null && (voltageV - a.voltageV) * (voltageV - b.voltageV) <= 0;
	const stretchedM3S = (pressurePa) => {
		if (b) {
			const share = (voltageV - a.voltageV) / (b.voltageV - a.voltageV);
			const qa = signedFlowAt(a.points, pressurePa);
			return qa + share * (signedFlowAt(b.points, pressurePa) - qa);
		}
		const v0 = Math.min(stallVoltageV(pressurePa), MOST_STALL_SHARE * a.voltageV);
		return signedFlowAt(a.points, pressurePa) * (voltageV - v0) / (a.voltageV - v0);
	};
	const current = (pressurePa) => {
		const ia = currentAtRise(a.points, pressurePa);
		if (!b) return ia;
		return Math.max(0, ia + (voltageV - a.voltageV) / (b.voltageV - a.voltageV) * (currentAtRise(b.points, pressurePa) - ia));
	};
	const nothingM3S = NOTHING_SHARE * near.points[0].flowM3S;
	const curve = [];
	let before = null;
	for (const pressurePa of pressuresOf(tables)) {
		let flowM3S = stretchedM3S(pressurePa);
		if (before && !within) {
			const fallM3S = signedFlowAt(near.points, before.pressurePa) - signedFlowAt(near.points, pressurePa);
			flowM3S = Math.min(flowM3S, before.flowM3S - LEAST_FALL * fallM3S);
		}
		if (flowM3S <= nothingM3S) {
			if (before) {
				const zeroPa = before.pressurePa + (pressurePa - before.pressurePa) * before.flowM3S / (before.flowM3S - Math.min(0, flowM3S));
				curve.push({
					pressurePa: zeroPa,
					flowM3S: 0,
					currentA: current(zeroPa)
				});
			}
			break;
		}
		before = {
			pressurePa,
			flowM3S
		};
		curve.push({
			pressurePa,
			flowM3S,
			currentA: current(pressurePa)
		});
	}
	if (curve.length < 2) return err([{
		code: "stalls",
		field: "voltageV",
		value: voltageV,
		allowed: "a voltage at which this pump delivers against no pressure"
	}]);
	const bent = checkPumpCurve(curve, `curve at ${voltageV} V`);
	if (bent.length > 0) return err(bent);
	return ok({
		voltageV,
		curve,
		method: b ? "two tables" : "threshold",
		endsAtPa: pumpRiseAt(curve, 0)
	});
};
/** Like pumpFlowAt, but going below zero beyond the shut-off pressure, so that straight lines stay straight. */
const signedFlowAt = (points, pressurePa) => {
	const flow = pumpFlowAt(points, pressurePa);
	if (flow > 0) return flow;
	const a = points[points.length - 2];
	const b = points[points.length - 1];
	return b.flowM3S + (b.flowM3S - a.flowM3S) * (pressurePa - b.pressurePa) / (b.pressurePa - a.pressurePa);
};
// packages/core/src/stations/power/railAtVolts.ts
/** What an engine takes while it is cranked is next to nothing: the pump must reach the pressure at all. */
const FLOWS_M3S = 1e-7;
const FROM_V = 5;
const TO_V = 16;
/** Volts from which a pump reaches a pressure, by its own tables; null where it never does. By bisection, to 0.01 V. */
const railLeastV = (tables, setPressurePa) => {
	const reaches = (v) => {
		const at = pumpAtVoltage(tables, v);
		return at.ok && pumpFlowAt(at.value.curve, setPressurePa) > FLOWS_M3S;
	};
	if (!reaches(TO_V)) return null;
	let [low, high] = [FROM_V, TO_V];
	if (reaches(low)) return low;
	while (high - low > .01) {
		const middle = (low + high) / 2;
		if (reaches(middle)) high = middle;
		else low = middle;
	}
	return high;
};
// packages/core/src/stations/power/powerCase.ts
/** So much of the start is followed: inrush, and two compressions of the slowest engine. */
const FIRST_S = .4;
const MOST_KEPT = 16;
const kept = /* @__PURE__ */ new Map();
/** What is computed of a supply, once for the same figures and only when it is asked for. */
const workedOf = (supply) => {
	const key = JSON.stringify(supply);
	let own = kept.get(key);
	if (own) return own;
	if (kept.size >= MOST_KEPT) kept.clear();
	kept.set(key, own = {});
	return own;
};
const powerCase = (job) => {
	const { battery, charging, earths, wiring, tests } = job.walkAround;
	const supply = carSupplyOf(job);
	const six = battery.systemV === "6";
	const positive = battery.earth === "positive";
	const { pump } = job.fuel;
	const worked = workedOf(supply);
	const c = {
		power: job.power,
		found: {
			battery,
			charging,
			earths,
			wiring,
			tests
		},
		supply,
		refusedBy: six && positive ? "both" : six ? "six-volts" : positive ? "positive-earth" : null,
		gateKnown: battery.systemV !== null && battery.earth !== null,
		leastCrankRpm: figureOf(job, "power.leastCrankRpm"),
		railLeastV: pump ? railLeastV(pump.tables, figureOf(job, "fuel.setPressurePa")) : null,
		ecuName: job.system.controller?.name ?? null,
		ecuLeastKnown: typeof job.system.controller?.leastV === "number",
		labels: WIRE_LABELS,
		assumptions: [
			...assumptionsOf(job, "power"),
			...wireAssumptions(job, supply),
			...ecuAssumptions(job)
		]
	};
	const solved = () => worked.solved ??= solveCar(supply);
	return Object.defineProperties(c, {
		solved: { get: solved },
		coldStart: { get: () => worked.coldStart ??= crankTrace(crankRigOf(solved(), "crank-cold"), FIRST_S) },
		wireChecks: { get: () => worked.wireChecks ??= checkWires(solved()) },
		stops: { get: () => worked.stops ??= singleStops(supply) },
		leastCharge: { get: () => {
			if (worked.leastCharge?.rpm !== c.leastCrankRpm) worked.leastCharge = {
				rpm: c.leastCrankRpm,
				charge: leastChargeToStart(supply, c.leastCrankRpm)
			};
			return worked.leastCharge.charge;
		} }
	});
};
/** Sizes that nobody has decided or read off. */
const wireAssumptions = (job, supply) => Object.entries(supply.wires).flatMap(([role, w]) => {
	if (!w.fitted || !w.assumed.includes("size") || w.measuredOhm !== null) return [];
	if (supply.fan === "none" && role.startsWith("fan")) return [];
	const path = `power.wires.${role}.size`;
	return [{
		field: path,
		label: describePath(path, job).label,
		si: w.sectionM2,
		family: "section",
		why: `estimate: ${w.sizeWords}`
	}];
});
const ecuAssumptions = (job) => typeof job.system.controller?.leastV === "number" ? [] : [{
	field: "system.controller",
	label: "Voltage below which the ECU resets",
	si: carSupplyOf(job).ecu.leastV,
	family: "voltage",
	why: "most reset at 6 to 7 V: typical"
}];
// packages/core/src/stations/power/judgeCranking.ts
/** So close to its minimum a colder morning or an older battery is enough. Rule of thumb. */
const DIP_MARGIN_V = .5;
const leastWords = (c) => c.ecuLeastKnown ? say`${c.ecuName ?? "The ECU"}` : say`An ECU`;
/** Does the ECU reset while the starter turns? By the trace of the coldest start, not by a mean figure. */
const judgeSag = (c) => {
	const { resets, least } = c.coldStart;
	const supply = least["ecu"];
	const keyed = least["keyed"];
	const limit = c.supply.ecu.leastV;
	const low = Math.min(supply?.volts ?? Infinity, keyed?.volts ?? Infinity);
	const [reset] = resets;
	const dips = !reset && low < limit;
	const state = supply === void 0 ? "unknown" : reset ? "stop" : low < limit + DIP_MARGIN_V ? "caution" : "ok";
	const which = (keyed?.volts ?? Infinity) < (supply?.volts ?? Infinity) ? "keyed input" : "supply";
	return {
		...plain,
		id: "crank-sag",
		title: reset ? reset.by === "supply" ? "ECU resets while cranking cold" : "Keyed input drops out while cranking cold" : dips ? "ECU rides through a dip below its minimum" : state === "caution" ? "ECU supply close to its minimum while cranking" : "ECU supply while cranking",
		state,
		figureName: `lowest ${which}`,
		figure: Number.isFinite(low) ? fig(low, "voltage", 1) : null,
		limitName: c.ecuLeastKnown ? "minimum" : "minimum, assumed",
		limit: fig(limit, "voltage", 1),
		margin: Number.isFinite(low) ? fig(low - limit, "voltage", 1) : null,
		reason: reset ? say`${leastWords(c)} resets below ${fig(limit, "voltage", 1)} for longer than ${fig(c.supply.ecu.rideThroughS, "duration", 0)}: it does so ${fig(reset.atS, "duration", 0)} after the starter engages, at ${fig(c.supply.coldestK, "temperature", 0)}. Cranks, never fires.` : dips ? say`It is below ${fig(limit, "voltage", 1)} for less than the ${fig(c.supply.ecu.rideThroughS, "duration", 0)} it rides through. A little more resistance and it resets.` : say`The deepest sag of the first ${fig(FIRST_S, "time", 1)} at ${fig(c.supply.coldestK, "temperature", 0)}, inrush and compression included.`,
		next: say`Feed and earth the ECU at the battery terminals; shorten or thicken the starter cable; charge or replace the battery`,
		source: c.ecuLeastKnown ? "trace of the start; ECU data sheet" : "trace of the start; minimum and ride-through assumed",
		pointId: "crank-cold",
		workings: ["battery"]
	};
};
/** Is the keyed input live in "start"? Told apart from a weak battery by the volts at the terminals in the same start. */
const judgeKeyed = (c) => {
	const run = loadAt(c.solved, "prime", "keyed");
	const start = loadAt(c.solved, "crank-warm", "keyed");
	const off = loadAt(c.solved, "key-off", "keyed");
	const post = c.solved.at["crank-warm"].parts["battery"].voltageV;
	const least = c.supply.ecu.leastV;
	const base = {
		...plain,
		id: "keyed",
		source: "solved network",
		limitName: "minimum",
		limit: fig(least, "voltage", 1)
	};
	if (!run || !start) return {
		...base,
		title: "ECU keyed input connected to nothing",
		state: "stop",
		reason: say`Connect it.`
	};
	const shown = {
		figureName: "in start",
		figure: fig(start.voltageV, "voltage", 1),
		margin: fig(start.voltageV - least, "voltage", 1)
	};
	if (c.power.design.keyedFeed === "after-ballast" && c.supply.old.ballast) return {
		...base,
		...shown,
		figureName: "in run",
		figure: fig(run.voltageV, "voltage", 1),
		margin: fig(run.voltageV - least, "voltage", 1),
		title: "Keyed feed taken after the ballast",
		state: "stop",
		next: say`Take the keyed feed from a relay, or from a wire live in run and start`,
		reason: say`Behind a ballast resistor or resistance wire the coil terminal is at ${fig(run.voltageV, "voltage", 1)} in run and full voltage in start: never a keyed feed.`
	};
	if (Math.abs(off?.voltageV ?? 0) > 1) return {
		...base,
		figureName: "key off",
		figure: fig(off.voltageV, "voltage", 1),
		title: "Keyed input live with the key off",
		state: "stop",
		next: say`A diode or a separate contact`,
		reason: say`The engine would not stop. Something feeds back into the keyed wire.`
	};
	if (start.voltageV < least) return {
		...base,
		...shown,
		title: start.voltageV < 1 ? "Keyed feed dead in start" : "Keyed feed sags in start",
		state: "stop",
		next: say`Take the keyed feed from a relay with two diodes, or from a wire live in run and start`,
		reason: start.voltageV < 1 ? say`The terminals hold ${fig(post, "voltage", 1)} in the same start, so it is the wrong lead, not a weak battery. It cranks, never fires, and fires as the key is let go.` : say`The terminals hold ${fig(post, "voltage", 1)} in the same start; the rest is lost on the way to the ECU.`
	};
	return {
		...base,
		...shown,
		title: "Keyed feed holds in run and in start",
		state: "ok",
		reason: say`${fig(run.voltageV, "voltage", 1)} in run, ${fig(start.voltageV, "voltage", 1)} with the starter turning. Test it on the car while cranking, not only with the key on and off.`
	};
};
/** Does it crank fast enough at the coldest start? */
const judgeCranking = (c) => {
	const rpm = c.solved.crankRadS["crank-cold"] * 30 / Math.PI;
	const warm = c.solved.crankRadS["crank-warm"] * 30 / Math.PI;
	const amps = loadAt(c.solved, "crank-cold", "starter")?.currentA ?? 0;
	const short = rpm < c.leastCrankRpm;
	return {
		...plain,
		id: "cranking",
		title: rpm === 0 ? "Starter does not turn the engine cold" : short ? "Cranks too slowly cold" : "Cranking speed cold",
		state: short ? "stop" : rpm < 1.25 * c.leastCrankRpm ? "caution" : "ok",
		figureName: "mean speed",
		figure: fig(rpm, "engineSpeed", 0),
		limitName: "at least",
		limit: fig(c.leastCrankRpm, "engineSpeed", 0),
		margin: fig(rpm - c.leastCrankRpm, "engineSpeed", 0),
		next: say`Battery, cables and straps first, then starter and oil`,
		reason: say`At ${fig(c.supply.coldestK, "temperature", 0)} the starter draws ${fig(amps, "current", 0)}; warm it turns ${fig(warm, "engineSpeed", 0)}. Friction, compression and starter are typical figures: the clamp meter decides.`,
		source: "starter and friction in balance on the solved network",
		pointId: "crank-cold",
		workings: ["battery"]
	};
};
const DROPS = {
	good: 1,
	poor: 1.5
};
/** What is lost between battery and starter, both sides together. */
const judgeStarterCircuit = (c) => {
	const battery = c.solved.at["crank-cold"].parts["battery"];
	const starter = loadAt(c.solved, "crank-cold", "starter");
	const base = {
		...plain,
		id: "starter-circuit",
		source: "solved network; 1 V for the whole starter circuit: handbook practice, from memory"
	};
	if (!starter || starter.currentA < 20) return {
		...base,
		title: "Starter circuit open",
		state: "stop",
		reason: say`No cranking current flows: cable, strap or body connection is missing.`
	};
	const lostV = battery.voltageV - starter.voltageV;
	const earthV = starter.liftV ?? 0;
	return {
		...base,
		title: lostV > DROPS.good ? "Starter circuit drops too much" : "Starter circuit",
		state: lostV > DROPS.poor ? "stop" : lostV > DROPS.good ? "caution" : "ok",
		figureName: "drop, both sides",
		figure: fig(lostV, "voltage", 2),
		limitName: "at most",
		limit: fig(DROPS.good, "voltage", 1),
		margin: fig(DROPS.good - lostV, "voltage", 2),
		reason: say`${fig(lostV - earthV, "voltage", 2)} on the positive side, ${fig(earthV, "voltage", 2)} on the earth side, at ${fig(starter.currentA, "current", 0)}.`,
		next: say`Thicker or shorter cables, clean terminals, a strap straight from battery to engine block`,
		pointId: "crank-cold",
		workings: ["starter-wires"]
	};
};
/** What was measured while cranking, against what is computed: starter or battery? */
const judgeMeasuredStart = (c) => {
	const { crankingA, crankingRpm, crankingPostV } = c.found.tests;
	if (crankingA === null || crankingRpm === null) return null;
	const amps = loadAt(c.solved, "crank-warm", "starter")?.currentA ?? 0;
	const slow = crankingRpm < 150;
	const high = crankingA > 1.4 * amps;
	const low = crankingA < .8 * amps;
	return {
		...plain,
		id: "measured-start",
		title: slow ? high ? "Slow with high current: starter, tight engine or wrong oil" : low ? "Slow with low current: battery, cables or terminals" : "Slow cranking" : "Cranking as measured",
		state: slow ? "caution" : "ok",
		figureName: "measured",
		figure: fig(crankingA, "current", 0),
		limitName: "typical starter, warm",
		limit: fig(amps, "current", 0),
		margin: null,
		reason: say`${fig(crankingRpm, "engineSpeed", 0)} at ${fig(crankingA, "current", 0)}${crankingPostV === null ? "" : say`, ${fig(crankingPostV, "voltage", 1)} at the terminals`}.`,
		source: "trade practice; current and speed read together"
	};
};
// packages/core/src/stations/power/judgeDevices.ts
const PERCENT_BASE_V = 12;
/** 3 % critical, 5 % limit, of 12 V, out and back: ABYC E-11 and ISO 13297, from memory; trade practice. */
const PUMP_GOOD_V = .03 * PERCENT_BASE_V;
const PUMP_LIMIT_V = .05 * PERCENT_BASE_V;
/** What the pump loses on its way out and back, running. */
const judgePump = (c) => {
	const base = {
		...plain,
		id: "pump-volts",
		source: "solved network; 3 % good, 5 % limit of 12 V: standards, from memory"
	};
	const found = loadAt(c.solved, "full-load", "pump");
	const atPosts = c.solved.at["full-load"].nodesV[NODE.post];
	if (!found || atPosts === null || atPosts === void 0 || found.voltageV < 3) return {
		...base,
		title: "Pump without supply",
		state: "stop",
		reason: say`At full load the pump has ${fig(found?.voltageV ?? 0, "voltage", 1)}: its relay is not pulled in, or its feed or earth is open.`
	};
	const lostV = atPosts - found.voltageV;
	const earthV = found.liftV ?? 0;
	return {
		...base,
		title: lostV > PUMP_LIMIT_V ? "Pump loses too many volts" : lostV > PUMP_GOOD_V ? "Pump feed and earth drop" : "Pump supply OK",
		state: lostV > PUMP_LIMIT_V ? "stop" : lostV > PUMP_GOOD_V ? "caution" : "ok",
		figureName: "drop from the battery terminals",
		figure: fig(lostV, "voltage", 2),
		limitName: "at most",
		limit: fig(PUMP_LIMIT_V, "voltage", 1),
		margin: fig(PUMP_LIMIT_V - lostV, "voltage", 2),
		next: say`A thicker pump feed, straight from the battery; the pump’s own earth wire to clean metal or to the battery`,
		reason: say`${fig(found.voltageV, "voltage", 1)} at the pump at ${fig(found.currentA, "current", 1)}; ${fig(earthV, "voltage", 2)} of the drop is on its earth side. Its flow falls some 12 % for each volt.`,
		pointId: "full-load",
		workings: ["pump-wires"]
	};
};
/** Every device that has too little or too much somewhere, worst first; those judged by a rule of their own are left out. */
const OWN_RULE$1 = [
	"ecu",
	"keyed",
	"pump",
	"starter",
	"heater",
	"injectors"
];
const FALLS_SHORT_V = {
	ignition: 7,
	fan: 10.5,
	headlamps: 10.5,
	"side-lamps": 10.5,
	blower: 9,
	wipers: 9,
	gauges: 8,
	solenoid: 6
};
const MOST_V = {
	headlamps: 15,
	"side-lamps": 15
};
const ELECTRONICS_MOST_V = 16;
const judgeOthers = (c) => DEVICES.filter((d) => !OWN_RULE$1.includes(d)).flatMap((device) => {
	const all = voltsOfDevice(c.solved, device);
	if (all.length === 0) return [];
	const worst = all.reduce((a, b) => b.volts < a.volts ? b : a);
	const least = device === "ignition" && c.supply.old.ballast ? 5 : FALLS_SHORT_V[device] ?? 8;
	const most = MOST_V[device] ?? ELECTRONICS_MOST_V;
	const highest = all.reduce((a, b) => b.volts > a.volts ? b : a);
	const over = highest.volts > most;
	const short = worst.volts < least;
	const shown = over ? highest : worst;
	return [{
		...plain,
		id: `device-${device}`,
		subject: {
			kind: "device",
			sensor: DEVICES.indexOf(device)
		},
		title: over ? `${DEVICE_WORDS[device]}: too many volts` : short ? `${DEVICE_WORDS[device]}: too few volts` : `${DEVICE_WORDS[device]}: volts`,
		state: over || short ? device === "ignition" || device === "solenoid" || over ? "stop" : "caution" : "ok",
		figureName: over ? "highest" : "lowest",
		figure: fig(shown.volts, "voltage", 1),
		limitName: over ? "at most" : "at least",
		limit: fig(over ? most : least, "voltage", 1),
		margin: fig(over ? most - shown.volts : shown.volts - least, "voltage", 1),
		reason: say`${CONDITION_WORDS[shown.condition]}: ${fig(shown.amps, "current", 1)}${shown.liftV !== null && Math.abs(shown.liftV) > .05 ? say`, its earth lifted by ${fig(shown.liftV, "voltage", 2)}` : ""}.`,
		source: "solved network; minimum voltage of the device: typical",
		pointId: shown.condition
	}];
});
/** A relay that would let go above where it pulls in is none: one of the two figures is wrong. */
const judgeRelayFigures = (c) => {
	const { pullInV, dropOutV } = c.supply.relay;
	if (dropOutV < pullInV) return null;
	return {
		...plain,
		id: "relay-figures",
		subject: {
			kind: "relay",
			sensor: 0
		},
		title: "Relay drops out above its pull-in voltage",
		state: "stop",
		figureName: "drop-out",
		figure: fig(dropOutV, "voltage", 1),
		limitName: "below the pull-in of",
		limit: fig(pullInV, "voltage", 1),
		margin: fig(pullInV - dropOutV, "voltage", 1),
		next: say`Read both figures off the data sheet again`,
		reason: say`No relay does that: one of the two figures is wrong.`,
		source: "a relay holds with less than it pulls in with"
	};
};
/** Relays that must be pulled in, and in which conditions. */
const RELAY_WORDS = {
	"keyed-relay": "Keyed-feed relay",
	"pump-relay": "Pump relay",
	"shared-relay": "Relay of ECU and pump",
	"fan-relay": "Fan relay"
};
const relayWorksIn = (c, id) => worksIn(c.supply, id === "fan-relay" ? "fan" : id === "pump-relay" ? "pump" : "ecu");
/** Does every relay pull in, hold at the deepest sag, and not chatter? */
const judgeRelays = (c) => (c.solved.car.network.relays ?? []).flatMap(({ id }) => {
	const all = CONDITIONS.filter((k) => relayWorksIn(c, id).includes(k)).map((condition) => ({
		condition,
		f: c.solved.at[condition].parts[id],
		chatters: c.solved.at[condition].chattering.includes(id)
	}));
	const chatter = all.find((a) => a.chatters);
	const out = all.find((a) => !a.f.energised);
	const worst = all.reduce((a, b) => Math.abs(b.f.coilV) < Math.abs(a.f.coilV) ? b : a);
	const shown = chatter ?? out ?? worst;
	const pull = shown.f.pullInV;
	const marginal = Math.abs(worst.f.coilV) < pull;
	const name = RELAY_WORDS[id] ?? id;
	return [{
		...plain,
		id: `relay-${id}`,
		subject: {
			kind: "relay",
			sensor: 0
		},
		title: chatter ? `${name} chatters` : out ? `${name} does not pull in` : marginal ? `${name} only just holds` : `${name} holds`,
		state: chatter || out ? "stop" : marginal ? "caution" : "ok",
		figureName: "coil",
		figure: fig(Math.abs(shown.f.coilV), "voltage", 1),
		limitName: "pulls in at",
		limit: fig(pull, "voltage", 1),
		margin: fig(Math.abs(shown.f.coilV) - pull, "voltage", 1),
		reason: say`${CONDITION_WORDS[shown.condition]}. With its coil at ${fig(c.supply.relay.coilK, "temperature", 0)} it pulls in at ${fig(pull, "voltage", 1)} and drops out at ${fig(shown.f.dropOutV, "voltage", 1)}${marginal && !out && !chatter ? ": once dropped out at this sag it would not pull in again" : ""}.`,
		source: "solved network; resistance of copper by temperature",
		pointId: shown.condition
	}];
});
/** Devices that nothing connects, and loads that pull the supply down. */
const judgeConnected = (c) => {
	const bare = DEVICES.filter((d) => {
		const all = voltsOfDevice(c.solved, d);
		return all.length > 0 && all.every((v) => Math.abs(v.volts) < .5);
	});
	const collapsed = CONDITIONS.flatMap((id) => c.solved.at[id].collapsed.map((load) => ({
		id,
		load
	})));
	return [...bare.map((d) => ({
		...plain,
		id: `bare-${d}`,
		subject: {
			kind: "bare",
			sensor: DEVICES.indexOf(d)
		},
		title: `${DEVICE_WORDS[d]} connected to nothing`,
		state: "stop",
		reason: say`No feed or no earth reaches it in any condition in which it must work.`,
		source: "solved network"
	})), ...collapsed.slice(0, 1).map(({ id, load }) => ({
		...plain,
		id: "collapse",
		title: `Supply of the ${DEVICE_WORDS[load] ?? load} collapses`,
		state: "stop",
		reason: say`${CONDITION_WORDS[id]}: the lower the voltage, the more an electronic load draws; its feed cannot carry that.`,
		source: "solved network",
		pointId: id
	}))];
};
/** What is lost in the old charging path, and how hot its joints get. */
const judgeOldPath = (c) => {
	const parts = [
		"ammeter",
		"bulkhead-connector",
		"fusible-link"
	].filter((id) => c.solved.at["night-rain"].parts[id]);
	if (parts.length === 0) return null;
	const hottest = parts.map((id) => ({
		id,
		f: c.solved.at["night-rain"].parts[id]
	})).reduce((a, b) => b.f.lossW > a.f.lossW ? b : a);
	const name = {
		ammeter: "Ammeter",
		"bulkhead-connector": "Bulkhead connector",
		"fusible-link": "Fusible link"
	}[hottest.id];
	const { lossW, currentA } = hottest.f;
	return {
		...plain,
		id: "old-path",
		title: lossW > 3 ? `${name} gets hot` : "Old charging path",
		state: lossW > 8 ? "stop" : lossW > 3 ? "caution" : "ok",
		figureName: "heat in it",
		figure: fig(lossW, "heat", 1),
		limitName: "at most",
		limit: fig(3, "heat", 0),
		margin: fig(3 - lossW, "heat", 1),
		next: say`Take the charging cable straight to the starter stud, and the new loads off the old path`,
		reason: say`${name}: ${fig(Math.abs(currentA), "current", 0)} through it idling at night in rain. Measure its drop: 5 mΩ at 30 A is 4.5 W in one joint.`,
		source: "solved network; 3 W in a joint: rule of thumb",
		pointId: "night-rain"
	};
};
// packages/core/src/stations/power/judgeEarths.ts
const nodeV = (c, condition, node) => c.solved.at[condition].nodesV[node] ?? null;
/** Earth legs while cranking: 0.1 to 0.2 V each. From memory of handbooks. */
const LEG_V = .2;
const POOR_V = .5;
const STRAPS = [[
	"battery-engine",
	"block",
	"Battery to engine"
], [
	"engine-body",
	"body",
	"Engine to body"
]];
/** Earth side while cranking: what lifts the engine, and what lifts the body. */
const judgeEarths = (c) => STRAPS.map(([leg, id, title]) => {
	const block = nodeV(c, "crank-cold", NODE.block);
	const body = nodeV(c, "crank-cold", NODE.bodyFront);
	const lift = leg === "battery-engine" ? block : block === null || body === null ? null : Math.abs(block - body);
	const base = {
		...plain,
		id: `earth-${id}`,
		source: "solved network; 0.2 V for an earth leg while cranking: handbook practice, from memory"
	};
	const { batteryEarth, engineStrap, bodyStrap } = c.supply.wires;
	if (lift === null) return {
		...base,
		title: `${title}: no connection`,
		state: "stop",
		reason: say`No earth strap leads there. Fit one.`
	};
	const noStrap = leg === "battery-engine" ? !batteryEarth.fitted && !(engineStrap.fitted && bodyStrap.fitted) : !engineStrap.fitted;
	const bad = lift > POOR_V || noStrap;
	const { earths } = c.found;
	const unseen = (leg === "battery-engine" ? earths.batteryToEngine : earths.engineToBody) === null && !bad;
	return {
		...base,
		title: unseen ? `${title}: nobody has looked for the strap` : noStrap ? `${title}: earth strap missing` : lift > LEG_V ? `${title}: earth drops too much` : `${title}: earth`,
		state: unseen ? "unknown" : bad ? "stop" : lift > LEG_V ? "caution" : "ok",
		figureName: leg === "battery-engine" ? "engine above battery negative" : "between engine and body",
		figure: fig(lift, "voltage", 2),
		limitName: "at most",
		limit: fig(LEG_V, "voltage", 1),
		margin: fig(LEG_V - lift, "voltage", 2),
		next: unseen ? say`Look for the strap, and undo one end` : noStrap ? say`Fit a strap of at least 16 mm²` : say`Clean both ends to bright metal; a thicker or shorter strap`,
		reason: unseen ? say`A sound strap is assumed: without one current returns through throttle cable, bearings and exhaust.` : noStrap ? say`Current returns through throttle cable, bearings and exhaust instead: readings shift, cables burn.` : lift > LEG_V ? say`Everything earthed on the engine is lifted by that much while the first fuel is metered.` : say`At the coldest start, starter turning.`,
		pointId: "crank-cold"
	};
});
const SCHOOL_WORDS = {
	battery: "At the battery terminal: the ECU sees none of the starter’s earth drop. Never join sensor earth to the block.",
	block: "On the engine block: short leads and ignition current stays on the engine; the ECU rides on the block’s lift while cranking. Sensor earth must not go to the battery.",
	head: "On the cylinder head, where the coils return: as on the block, with one more joint. Sensor earth must not go to block or battery.",
	body: "On the body: the strap from engine to body carries coil and injector current. Sensor earth must go to the ECU only."
};
/** Where the ECU's power earth goes: recommended practices differ, judged by lift while cranking. */
const judgeEcuEarth = (c) => {
	const lift = c.solved.at["crank-cold"].parts["ecu"]?.liftV ?? null;
	const school = c.power.design.ecuEarth;
	const base = {
		...plain,
		id: "ecu-earth",
		source: "solved network; 0.5 V while cranking: rule of thumb"
	};
	if (lift === null) return {
		...base,
		title: "ECU earth connected to nothing",
		state: "stop",
		reason: say`Connect it.`
	};
	return {
		...base,
		title: lift > .5 ? "ECU earth lifted while cranking" : "ECU earth",
		state: lift > 1 ? "stop" : lift > .5 ? "caution" : "ok",
		figureName: "ECU earth above battery negative",
		figure: fig(lift, "voltage", 2),
		limitName: "at most",
		limit: fig(.5, "voltage", 1),
		margin: fig(.5 - lift, "voltage", 2),
		reason: say`${SCHOOL_WORDS[school]}`,
		pointId: "crank-cold"
	};
};
// packages/core/src/stations/power/judgeFeeds.ts
const FEED_WORDS = {
	battery: "the battery terminals",
	"starter-stud": "the starter stud",
	"kill-switch": "the kill switch",
	"old-main": "the old fuse box",
	ignition: "the ignition switch"
};
/** What the place of the ECU's feed costs it. */
const judgeEcuFeed = (c) => {
	const at = (condition) => {
		const post = c.solved.at[condition].parts["battery"].voltageV;
		const ecu = loadAt(c.solved, condition, "ecu")?.voltageV ?? 0;
		return {
			post,
			ecu,
			lost: post - ecu
		};
	};
	const crank = at("crank-cold");
	const fan = at("fan-inrush");
	const { ecuFeed } = c.power.design;
	const direct = ecuFeed === "battery";
	const limitV = .3;
	const worst = Math.max(crank.lost, fan.lost);
	return {
		...plain,
		id: "ecu-feed",
		title: direct ? worst > limitV ? "ECU feed and earth drop too much" : "ECU fed straight from the battery" : `ECU fed from ${FEED_WORDS[ecuFeed]}`,
		state: !direct && worst > 2 * limitV ? "stop" : !direct || worst > limitV ? "caution" : "ok",
		figureName: "lost between battery and ECU",
		figure: fig(worst, "voltage", 2),
		limitName: "at most",
		limit: fig(limitV, "voltage", 1),
		margin: fig(limitV - worst, "voltage", 2),
		next: say`Take ECU positive and negative straight to the battery terminals, alone, fused at the battery`,
		reason: say`${fig(crank.ecu, "voltage", 1)} at the ECU with ${fig(crank.post, "voltage", 1)} at the terminals while cranking cold; ${fig(fan.ecu, "voltage", 1)} with ${fig(fan.post, "voltage", 1)} as the fan starts.${direct ? "" : " The battery is the buffer between consumers; anywhere else they pull the ECU down."}`,
		source: "solved network; 0.3 V feed and earth: proposed, typical",
		pointId: crank.lost >= fan.lost ? "crank-cold" : "fan-inrush",
		workings: ["ecu-wires"]
	};
};
/** One relay for ECU and pump: no pump-off with engine stall, and a welded contact keeps the pump running. */
const judgeSharedRelay = (c) => {
	const shared = c.power.design.relays === "shared";
	return {
		...plain,
		id: "shared-relay",
		title: shared ? "ECU and pump on one relay" : "A relay each for ECU and pump",
		state: shared ? "stop" : "ok",
		next: say`A relay each; the pump’s driven by the ECU`,
		reason: shared ? say`The pump runs on when the engine stalls, since the ECU does not drive it; a welded or slow contact leaves both live; the pump’s inrush pulls the ECU down.` : say`The ECU drops the pump when the engine stalls.`,
		source: "trade practice"
	};
};
/** A sensor heater that is live with the key only. */
const judgeHeater = (c) => {
	const off = loadAt(c.solved, "key-off", "heater");
	const amps = Math.abs(off?.currentA ?? 0);
	const live = amps > .05;
	return {
		...plain,
		id: "heater",
		title: live ? "Oxygen sensor heater live with the key off" : "Oxygen sensor heater live with the key only",
		state: live ? "stop" : "ok",
		figureName: "key off",
		figure: fig(amps, "current", 1),
		limitName: "at most",
		limit: fig(0, "current", 0),
		margin: fig(-amps, "current", 1),
		next: say`Feed it from the keyed feed or the pump relay`,
		reason: live ? say`It empties the battery overnight and heats a sensor in a cold, wet pipe.` : say`Fed from ${c.power.design.heaterFeed === "pump-relay" ? "the pump relay: live while the engine turns" : "the keyed feed"}.`,
		source: "solved network",
		pointId: "key-off"
	};
};
/** Gauges chained on a relay that something else needs. */
const judgeGauges = (c) => {
	const chained = c.power.design.gaugesFeed === "pump-relay";
	return {
		...plain,
		id: "gauges-feed",
		title: chained ? "Gauges chained on the pump relay" : "Gauges on a branch of their own",
		state: chained ? "caution" : "ok",
		next: say`Feed gauges from the ignition circuit, with a fuse of their own`,
		reason: chained ? say`A short in a gauge blows the pump’s fuse, and every added gauge takes volts from the pump.` : say`A short in a gauge leaves the pump alone.`,
		source: "trade practice"
	};
};
/** The supply as a path of noise. */
const judgeNoisePath = (c) => {
	const noisy = c.power.design.pickUpFeed === "coil-branch";
	return {
		...plain,
		id: "noise-path",
		title: noisy ? "Pick-ups fed from the branch of coils or injectors" : "Pick-ups fed apart from coils and injectors",
		state: noisy ? "stop" : "ok",
		next: say`Feed them from the ECU, or from a branch of their own with a filter`,
		reason: noisy ? say`They see every switching of coils and injectors on their supply: false teeth, false knock.` : say`Their supply carries no switching of coils or injectors.`,
		source: "trade practice"
	};
};
/** Battery away from the engine: where a helper battery and a timing light get their terminals. */
const judgeJumpPosts = (c) => {
	if (c.supply.batteryPlace === "bay") return null;
	const { jumpPosts } = c.power.design;
	const drop = c.solved.at["crank-cold"].parts["starterCable"];
	return {
		...plain,
		id: "jump-posts",
		title: jumpPosts === true ? "Jump posts at the engine" : "No jump posts at the engine",
		state: jumpPosts === true ? "ok" : "caution",
		next: say`Fit a positive post at the starter cable and a negative one on the block, both covered`,
		reason: say`With the battery ${c.supply.batteryPlace === "boot" ? "in the boot" : "under a seat"} a timing light and a helper battery need both terminals at the engine.${drop?.dropV !== void 0 ? say` The starter cable drops ${fig(drop.dropV, "voltage", 2)} cranking cold.` : ""}`,
		source: "trade practice"
	};
};
// packages/core/src/stations/power/generatorAt.ts
/** Most the generator gives at a speed of its shaft, A: straight between the points of its output. */
const limitAtRpm = ({ generator: { output } }, shaftRpm) => {
	const i = output.findIndex(([rpm]) => rpm > shaftRpm);
	if (i < 0) return output.at(-1)[1];
	if (i === 0) return output[0][1];
	const [[r0, a0], [r1, a1]] = [output[i - 1], output[i]];
	return a0 + (a1 - a0) * (shaftRpm - r0) / (r1 - r0);
};
// packages/core/src/stations/power/judgeGate.ts
/** 12 V and negative earth, or nothing else is computed. */
const judgeSupply = (c) => {
	const { systemV, earth } = c.found.battery;
	const base = {
		...plain,
		id: "supply",
		source: "every ECU, pump and injector is made for 12 V and negative earth"
	};
	if (c.refusedBy === "six-volts" || c.refusedBy === "both") return {
		...base,
		title: c.refusedBy === "both" ? "6 V and positive earth" : "6 V supply",
		state: "stop",
		next: c.refusedBy === "both" ? say`Convert to 12 V and negative earth` : say`Convert to 12 V`,
		reason: say`Battery, generator and regulator, starter or its solenoid, coil, lamps, gauges (with a voltage reducer), wipers and heater motor change first. Nothing else is worked out until then.`
	};
	if (c.refusedBy === "positive-earth") return {
		...base,
		title: "Positive earth",
		state: "stop",
		next: say`Convert to negative earth`,
		reason: say`Turn the battery round, repolarise a dynamo or fit an alternator, swap coil and ammeter leads, check radio, clock and electronic tachometer. Nothing else is worked out until then.`
	};
	const known = systemV !== null && earth !== null;
	return {
		...base,
		title: known ? "12 V, negative earth" : "Voltage and polarity not known",
		state: known ? "ok" : "unknown",
		reason: known ? say`Made for what is to be fitted.` : say`Measure across the battery terminals, and see which of them goes to the body.`
	};
};
/** No belt turns a generator faster for long, rpm of its shaft. Rule of thumb. */
const MOST_SHAFT_RPM = {
	dynamo: 7e3,
	alternator: 15e3
};
const MOST_RATIO = 4;
const demandA = (c, condition) => {
	const m = c.solved.at[condition];
	const battery = m.parts["battery"];
	const generator = m.parts["generator"];
	return Math.max(0, generator.currentA + battery.currentA);
};
/** Least pulley ratio at which the generator covers the load at idle; null where none does. */
const ratioThatCovers = (c) => {
	const { generator, speeds } = c.supply;
	const wanted = demandA(c, "idle");
	const most = Math.min(MOST_RATIO, MOST_SHAFT_RPM[generator.kind] / speeds.fullRpm);
	for (let ratio = generator.pulleyRatio; ratio <= most + 1e-9; ratio = Math.round((ratio + .05) * 100) / 100) if (limitAtRpm(c.supply, speeds.idleRpm * ratio) >= wanted) return ratio;
	return null;
};
/** Does the generator cover the load at idle? A dynamo that no pulley helps is refused. */
const judgeGenerator = (c) => {
	const { kind, pulleyRatio } = c.supply.generator;
	const { idleRpm } = c.supply.speeds;
	const batteryA = loadAt(c.solved, "idle", "battery")?.currentA ?? 0;
	const nightA = loadAt(c.solved, "night-rain", "battery")?.currentA ?? 0;
	const given = limitAtRpm(c.supply, idleRpm * pulleyRatio);
	const wanted = demandA(c, "idle");
	const loses = batteryA > .5;
	const drains = !loses && nightA > .5;
	const load = demandA(c, drains ? "night-rain" : "idle");
	const ratio = loses ? ratioThatCovers(c) : null;
	const dynamo = kind === "dynamo";
	const unseen = c.found.charging.kind === null;
	return {
		...plain,
		id: "generator",
		title: unseen ? "Dynamo or alternator not known" : loses ? dynamo ? ratio === null ? "Dynamo loses at idle, whatever its pulley" : "Dynamo loses at idle" : "Alternator loses at idle" : nightA > .5 ? "Battery drains at idle with everything on" : "Generator covers the load at idle",
		state: unseen ? "unknown" : loses ? "stop" : nightA > .5 ? "caution" : "ok",
		figureName: "output at idle",
		figure: fig(given, "current", 0),
		limitName: drains ? "load at night in rain" : "load at idle",
		limit: fig(load, "current", 0),
		margin: fig(given - load, "current", 0),
		next: unseen ? say`Look at the generator` : loses ? ratio === null ? dynamo ? say`Fit an alternator` : say`Fit an alternator that gives more at idle` : say`Fit a pulley of ${fig(ratio, "ratio", 2)}` : say`Raise the idle, fit a smaller pulley or an alternator that gives more at idle`,
		reason: unseen ? say`See which it is, and what it gives: an alternator is assumed.` : loses ? ratio === null ? say`At ${fig(idleRpm, "engineSpeed")} it gives ${fig(given, "current", 0)} of the ${fig(wanted, "current", 0)} needed; no pulley up to the speed it stands covers that. The battery gives the rest until it is empty.` : say`At ${fig(idleRpm, "engineSpeed")} it gives ${fig(given, "current", 0)} of the ${fig(wanted, "current", 0)} needed; with a pulley ratio of ${fig(ratio, "ratio", 2)} it covers them.` : nightA > .5 ? say`Lights, wipers, blower and fan on, the battery gives ${fig(nightA, "current", 0)} at idle: bearable in a queue, not for an evening.` : say`With everything on at night in rain it still ${nightA < -.5 ? "charges" : "covers the load"}.`,
		source: "solved network; output by speed",
		pointId: loses ? "idle" : "night-rain"
	};
};
// packages/core/src/stations/power/judgeStop.ts
const STOPPED_WORDS = {
	ignition: "ignition",
	pump: "fuel pump",
	starter: "starter solenoid"
};
const listed = (o, is) => STOPPED.filter((d) => o.wrong.includes(d) && o.is[d] === is).map((d) => STOPPED_WORDS[d]).join(" and ");
const titleOf = ({ when, is, wrong }) => {
	if (wrong.every((d) => is[d] === "dead")) return "Something is dead that the engine needs";
	if (when.kill === "open") return "Kill switch does not stop the engine";
	if (when.inertia === "tripped") return "Inertia switch does not stop the pump";
	if (when.key === "off") return "Key does not stop the engine";
	return wrong.includes("pump") ? "Pump runs on when the engine stalls" : "Starter live without the key in start";
};
/** Do ignition and pump stop when they must, whatever turns, charges or feeds back? */
const judgeStop = (c) => {
	const [worst] = [...c.stops.filter((o) => o.wrong.length > 0)].sort((a, b) => Number(b.wrong.some((d) => b.is[d] === "live")) - Number(a.wrong.some((d) => a.is[d] === "live")));
	const base = {
		...plain,
		id: "stop-logic",
		source: "solved network, each switch moved after the engine has run; 4 V as live: typical"
	};
	if (!worst) return {
		...base,
		title: "Key, kill and inertia switch stop what they must",
		state: "ok",
		reason: say`Ignition and pump are dead with the key off${c.supply.old.killSwitch === "none" ? "" : ", with the kill switch open"}${c.supply.inertiaSwitch ? ", the pump with the inertia switch tripped" : ""} and with the engine stalled, generator turning or fan in the wind. Only what is on the constant feed stays live: label it.`
	};
	const live = listed(worst, "live");
	const dead = listed(worst, "dead");
	const shown = worst.wrong[0];
	return {
		...base,
		title: titleOf(worst),
		state: "stop",
		figureName: STOPPED_WORDS[shown],
		figure: fig(worst.volts[shown], "voltage", 1),
		next: worst.when.kill === "open" ? say`A kill switch with contacts for keyed feed and generator field beside the battery’s` : say`A diode or a contact of its own for what feeds back; the fan on a relay`,
		reason: say`${stopWords(worst.when)}: ${live === "" ? "" : `${live} live`}${live !== "" && dead !== "" ? ", " : ""}${dead === "" ? "" : `${dead} dead`}.${worst.when.kill === "open" && live !== "" ? " The generator keeps engine and pump running." : ""} Try it on the car, engine running.`
	};
};
/** An oil-pressure switch may stop a healthy engine in traffic. */
const judgePumpCut = (c) => {
	const oil = c.power.design.pumpCut === "oil-pressure";
	return {
		...plain,
		id: "pump-cut",
		title: oil ? "Pump cut by oil pressure" : "Pump cut by the ECU",
		state: oil ? "caution" : "ok",
		next: say`Drive the relay from the ECU; a lamp that warns before anything cuts`,
		reason: oil ? say`Stops the pump with the engine even where the ECU has no output for it. A switch that fails stops the car in traffic, and nothing primes before the start: fit a warning lamp first.` : say`The ECU primes, and drops the relay when the crank stops.${c.supply.inertiaSwitch ? "" : " Beside it an inertia or roll-over switch in the coil’s feed: it cuts after a crash, when the crank may still turn."}`,
		source: "recommended practices differ; trade practice"
	};
};
// packages/core/src/stations/power/midSentence.ts
/** A name as it stands within a sentence: "the starter cable", "the ECU feed". */
const midSentence = (name) => name.startsWith("ECU") ? name : name.charAt(0).toLowerCase() + name.slice(1);
// packages/core/src/stations/power/judgeWires.ts
const fusedOf = (c) => c.wireChecks.filter((w) => w.fuse !== null);
const name = (c, w) => c.labels[w.role] ?? w.role;
const least = (items, of) => items.reduce((a, b) => a === null || of(b) < of(a) ? b : a, null);
/** Fuses that let more through than the thinnest wire behind them bears. */
const judgeThinLeads = (c) => {
	const worst = least(fusedOf(c), (w) => w.fuse.thinnest.bearsA - w.fuse.ratingA);
	if (!worst) return null;
	const { ratingA, thinnest } = worst.fuse;
	const wire = c.supply.wires[thinnest.role];
	const margin = thinnest.bearsA - ratingA;
	const thin = margin < 0;
	const called = c.labels[thinnest.role] ?? thinnest.role;
	return {
		...plain,
		id: "thin-lead",
		title: thin ? `${called} too thin for its fuse` : "Fuses against their wires",
		state: thin ? "stop" : "ok",
		figureName: "fuse",
		figure: fig(ratingA, "current", 0),
		limitName: "wire bears",
		limit: fig(thinnest.bearsA, "current", 0),
		margin: fig(margin, "current", 0),
		next: say`A smaller fuse that still carries the load, or a thicker wire`,
		reason: thin ? say`${wire.sizeWords} at ${fig(wire.ambientK, "temperature", 0)} among ${fig(wire.loadedWires, "count")} loaded wires: the fuse protects the wire, not the device. Refuse a kit lead like this, whatever the leaflet says.` : say`The closest is the ${midSentence(called)}, ${wire.sizeWords}.`,
		source: "steady rise of temperature, class of the insulation, bundle; a tenth less: rule of thumb"
	};
};
/** Does every fuse carry what flows for good? */
const judgeFuseLoad = (c) => {
	const worst = least(fusedOf(c), (w) => w.fuse.ratingA - w.fuse.leastA);
	if (!worst) return null;
	const { ratingA, leastA, choices } = worst.fuse;
	const small = ratingA < leastA;
	const [choice] = choices;
	return {
		...plain,
		id: "fuse-load",
		title: small ? `${name(c, worst)}: fuse too small for its load` : "Fuses against their loads",
		state: small ? ratingA < worst.continuousA ? "stop" : "caution" : "ok",
		figureName: "fuse",
		figure: fig(ratingA, "current", 1),
		limitName: "at least",
		limit: fig(leastA, "current", 1),
		margin: fig(ratingA - leastA, "current", 1),
		next: choice === void 0 ? say`No standard fuse lies between load and wire: fit a thicker wire` : say`Fit a fuse of ${fig(choice, "current")}`,
		reason: small ? say`${CONDITION_WORDS[worst.continuousIn]}: ${fig(worst.continuousA, "current", 1)} for good. A fuse carries three quarters of its rating, less where it is hot.` : say`The closest is the ${midSentence(name(c, worst))}: ${fig(worst.continuousA, "current", 1)} for good.`,
		source: "three quarters of the rating, 0.12 % less a kelvin above 25 °C: typical, rule of thumb",
		pointId: worst.continuousIn
	};
};
/** Above it an inrush that is repeated tires a fuse. Rule of thumb. */
const WEAR = .3;
/** Does every fuse bear the inrush of its motor? */
const judgeFuseInrush = (c) => {
	const worst = least(fusedOf(c), (w) => -w.fuse.wear);
	if (!worst || worst.fuse.inrush === null) return null;
	const { inrush, ratingA, wear } = worst.fuse;
	return {
		...plain,
		id: "fuse-inrush",
		title: wear > WEAR ? `${name(c, worst)}: fuse tires at every start of its motor` : "Fuses bear the inrush of their motors",
		state: wear > WEAR ? "caution" : "ok",
		figureName: "inrush",
		figure: fig(inrush.peakA, "current", 0),
		limitName: "fuse",
		limit: fig(ratingA, "current", 0),
		margin: fig(WEAR - wear, "share", 0),
		marginIs: "apart",
		next: say`A larger fuse where the wire bears it, a slower bolt-in fuse, or a soft start`,
		reason: say`${name(c, worst)}: from ${fig(inrush.peakA, "current", 0)} to ${fig(inrush.settlesAtA, "current", 0)}. Each start takes ${fig(wear, "share", 0)} of what a fuse at the early end of its standard bears.`,
		source: "operating times of blade fuses: ISO 8820, from memory; 30 %: rule of thumb"
	};
};
/** Does a short at the far end blow the fuse before the wire is hurt? */
const judgeFuseShort = (c) => {
	const worst = least(fusedOf(c), (w) => (w.fuse.short.clears ? 1e3 : 0) + w.fuse.short.currentA / w.fuse.ratingA);
	if (!worst) return null;
	const { ratingA, short } = worst.fuse;
	const weak = short.currentA / ratingA < 5;
	return {
		...plain,
		id: "fuse-short",
		title: !short.clears ? `${name(c, worst)}: a short at its end does not blow the fuse in time` : weak ? `${name(c, worst)}: a short at its end blows the fuse late` : "A short anywhere blows its fuse",
		state: !short.clears ? "stop" : weak ? "caution" : "ok",
		figureName: "short at the far end",
		figure: fig(short.currentA, "current", 0),
		limitName: "at least",
		limit: fig(5 * ratingA, "current", 0),
		margin: fig(short.currentA - 5 * ratingA, "current", 0),
		next: say`A thicker or shorter wire, a smaller fuse, a sound strap between body and battery`,
		reason: Number.isFinite(short.opensWithinS) ? say`${name(c, worst)}: the fuse opens within ${fig(short.opensWithinS, "time", 1)}; the wire bears that current for ${fig(short.wireBearsS, "time", 1)}.` : say`${name(c, worst)}: so small a current need not open a fuse of ${fig(ratingA, "current", 0)} at all.`,
		source: "solved network with the short in it; ISO 8820 and IEC 60364-4-43, from memory; five times: rule of thumb"
	};
};
/** Wires without a verdict of their own that drop more than they should. */
const OWN_RULE = [
	"starterCable",
	"batteryEarth",
	"engineStrap",
	"bodyStrap",
	"ecuFeed",
	"ecuEarth",
	"pumpFeed",
	"pumpEarth"
];
const judgeWireDrops = (c) => {
	const worst = least(c.wireChecks.filter((w) => !OWN_RULE.includes(w.role)), (w) => w.limitV - w.dropV);
	if (!worst) return null;
	const over = worst.dropV > worst.limitV;
	return {
		...plain,
		id: "wire-drop",
		title: over ? `${name(c, worst)} drops too much` : "Voltage drop of the other wires",
		state: over ? worst.dropV > 2 * worst.limitV ? "stop" : "caution" : "ok",
		figureName: "drop",
		figure: fig(worst.dropV, "voltage", 2),
		limitName: "at most",
		limit: fig(worst.limitV, "voltage", 1),
		margin: fig(worst.limitV - worst.dropV, "voltage", 2),
		next: say`A thicker or shorter wire, clean terminals`,
		reason: say`${name(c, worst)}, ${worst.wire.sizeWords}, ${fig(worst.outAndBackM, "distance", 1)} out and back: ${CONDITION_WORDS[worst.dropIn].toLowerCase()}.`,
		source: worst.limitIs,
		pointId: worst.dropIn
	};
};
// packages/core/src/stations/power/keyedFinder.ts
const KEYED_WORDS = {
	"run-and-start": "holds in run and in start",
	"run-only": "dead in start",
	"start-only": "live in start only",
	always: "live with the key off too",
	"after-ballast": "behind a ballast",
	sags: "sags in start",
	"back-fed": "fed back with the key off",
	dead: "dead",
	"not-measured": "not measured yet"
};
/** From here on a wire is live, V; below it and above a third of that a resistor stands before it. Rules of thumb. */
const LIVE_V = 10.5;
const DEAD_V = 2;
/** With the key off. */
const BACK_FED_V = .5;
/** What the way from the battery may take in start. Rule of thumb. */
const START_LOSS_V = 1;
/** What a measured wire is good for. Weak battery and wrong wire are told apart by the terminals in the same start. */
const findKeyed = (wire) => {
	const { offV, runV, startV, postsV } = wire;
	const as = (kind, says) => ({
		wire,
		kind,
		says
	});
	if (runV === null || startV === null) return as("not-measured", say`Measure it in run and while cranking.`);
	const lostV = (postsV ?? startV) - startV;
	const startLive = startV >= DEAD_V;
	if (offV !== null && offV >= LIVE_V) return as("always", say`Live with the key off: it would never let the engine stop.`);
	if (offV !== null && offV > BACK_FED_V) return as("back-fed", say`${fig(offV, "voltage", 1)} with the key off: something feeds back. A diode or a contact of its own.`);
	if (runV < DEAD_V) return startLive ? as("start-only", say`The start diode of a relay may take it.`) : as("dead", say`No feed.`);
	if (runV < LIVE_V) return as("after-ballast", say`${fig(runV, "voltage", 1)} in run: a resistor or resistance wire stands before it. Never a keyed feed.`);
	if (!startLive) return as("run-only", postsV === null ? say`Dead in start: the wrong wire. Measure the terminals in the same start too.` : say`Dead in start while the terminals hold ${fig(postsV, "voltage", 1)}: the wrong wire, not a weak battery.`);
	if (postsV === null) return as("not-measured", say`Measure the battery’s terminals in the same start.`);
	if (lostV > START_LOSS_V) return as("sags", say`Loses ${fig(lostV, "voltage", 1)} on the way in start: key contacts or joints.`);
	return as("run-and-start", say`Loses ${fig(Math.max(0, lostV), "voltage", 1)} in start. Try it with the load it shall carry.`);
};
const highest = (found, kinds, of) => found.filter((f) => kinds.includes(f.kind)).map((f) => f.wire).reduce((a, b) => a === null || (of(b) ?? 0) > (of(a) ?? 0) ? b : a, null);
/** Which of the old keyed wires may be used, and how. */
const keyedFind = (wires) => {
	const found = wires.map(findKeyed);
	const run = highest(found, [
		"run-and-start",
		"run-only",
		"sags"
	], (w) => w.runV);
	const start = highest(found, [
		"run-and-start",
		"start-only",
		"sags"
	], (w) => w.startV);
	return {
		wires: found,
		direct: highest(found, ["run-and-start"], (w) => w.startV),
		forRelay: run && start ? {
			run,
			start
		} : null
	};
};
/** Does what was measured bear out the choice of the keyed feed? */
const judgeKeyedWires = (c) => {
	const { keyedWires } = c.power.old;
	if (keyedWires.length === 0) return null;
	const { wires, direct, forRelay } = keyedFind(keyedWires);
	const { keyedFeed } = c.power.design;
	const base = {
		...plain,
		id: "keyed-wires",
		source: "measured key off, in run and in start; 1 V in start: rule of thumb"
	};
	const relayed = keyedFeed === "relay";
	if (relayed ? forRelay !== null : keyedFeed === "run-and-start" ? direct !== null : false) return {
		...base,
		title: "Old keyed wires bear out the keyed feed",
		state: "ok",
		reason: relayed ? say`Diodes from ${forRelay.run.name} and ${forRelay.start.name}.` : say`${direct.name} holds in run and in start.`
	};
	const open = wires.filter((f) => f.kind === "not-measured");
	if (open.length > 0) return {
		...base,
		title: "Old keyed wires not measured yet",
		state: "unknown",
		reason: say`${open[0].wire.name}: ${open[0].says}`
	};
	return {
		...base,
		title: relayed ? "No two old wires for the keyed relay" : "No old wire holds in run and in start",
		state: "stop",
		next: relayed ? say`Find a wire that is live in start: the solenoid’s own will do for the second diode` : say`A relay, its coil from two keyed wires through diodes`,
		reason: say`${wires.map((f) => `${f.wire.name}: ${KEYED_WORDS[f.kind]}`).join("; ")}.`
	};
};
// packages/core/src/stations/power/sensorReturns.ts
const SENSOR_WORDS = {
	coolant: "Coolant temperature",
	air: "Intake air temperature",
	manifold: "Manifold pressure",
	throttle: "Throttle position",
	oxygen: "Oxygen sensor"
};
/** Conditions in which a reading steers the engine. */
const SENSED_IN = [
	"crank-cold",
	"idle",
	"fan-inrush",
	"night-rain",
	"full-load"
];
const RETURN_NODE = {
	block: NODE.block,
	head: NODE.head,
	body: NODE.bodyFront,
	battery: NODE.earth
};
/** 1 % of a 5 V sensor running, twice that cranking. Proposed, typical. */
const SENSED_LIMIT_V = (condition) => condition === "crank-cold" ? .1 : .05;
/** Potential of a sensor's return above the ECU's sensor earth, signed, V. One returned to the ECU has none, whatever lifts. */
const returnLiftV = (solved, returns, condition) => {
	if (returns === "ecu" || returns === "reference") return 0;
	const { nodesV } = solved.at[condition];
	return (nodesV[RETURN_NODE[returns]] ?? 0) - (nodesV[NODE.ecuEarth] ?? 0);
};
/** An error in the unit that its reader knows. */
const errorFigure = (sensor, error) => {
	switch (sensor) {
		case "coolant":
		case "air": return fig(error, "warming", 1);
		case "manifold": return fig(error, "pressure", 1);
		case "throttle": return fig(error, "share", 1);
		case "oxygen": return fig(error, "lambda", 3);
	}
};
/** What each sensor reads wrongly in each condition, by where its return goes. */
const sensedErrors = (solved, returns) => SENSORS.map((sensor) => ({
	sensor,
	returns: returns[sensor],
	at: SENSED_IN.map((condition) => {
		const liftV = returnLiftV(solved, returns[sensor], condition);
		return {
			condition,
			liftV,
			error: returns[sensor] === "reference" ? null : sensorError(sensor, liftV)
		};
	})
}));
/** Do all sensors return to the ECU, and what does one read that does not? */
const judgeSensorEarth = (c) => {
	const all = sensedErrors(c.solved, c.power.sensors);
	const base = {
		...plain,
		id: "sensor-earth",
		source: "solved network; sensors: typical; 50 mV running, 100 mV cranking: proposed"
	};
	const wrong = all.find((s) => s.returns === "reference");
	if (wrong) return {
		...base,
		title: `${SENSOR_WORDS[wrong.sensor]} returned to 5 V`,
		state: "stop",
		next: say`Return it to the ECU’s sensor earth`,
		reason: say`Both ends of the thermistor are then at 5 V: it reads the end of its range, whatever the drawing shows.`
	};
	const off = all.filter((s) => s.returns !== "ecu");
	if (off.length === 0) return {
		...base,
		title: "Sensors returned to the ECU",
		state: "ok",
		reason: say`Their return rides with the ECU’s own sensor earth: a lifted power earth shifts none of them. Pick-up shields earthed at the ECU’s end only.`
	};
	const [worst] = off.flatMap((s) => s.at.map((a) => ({
		...s,
		...a,
		over: Math.abs(a.liftV) / SENSED_LIMIT_V(a.condition)
	}))).sort((a, b) => b.over - a.over);
	const { condition, error, liftV, over, sensor, returns } = worst;
	return {
		...base,
		title: `${SENSOR_WORDS[sensor]} returned to ${RETURN_WORDS[returns]}`,
		state: over > 1 ? "stop" : "caution",
		figureName: "return against the ECU’s sensor earth",
		figure: fig(liftV, "voltage", 2),
		limitName: "at most, either way",
		limit: fig(SENSED_LIMIT_V(condition), "voltage", 2),
		margin: fig(SENSED_LIMIT_V(condition) - Math.abs(liftV), "voltage", 2),
		next: say`Return every sensor to the ECU’s sensor earth, and to nothing else`,
		reason: error === null ? say`${CONDITION_WORDS[condition]}: outside what the ECU can read.` : say`${CONDITION_WORDS[condition]}: it reads ${errorFigure(sensor, Math.abs(error))} too ${error < 0 ? "low" : "high"}, and shifts with every load that is switched.`,
		pointId: condition
	};
};
const RETURN_WORDS = {
	ecu: "the ECU",
	block: "the engine block",
	head: "the cylinder head",
	body: "the body",
	battery: "the battery terminal",
	reference: "5 V"
};
// packages/core/src/stations/power/assessPower.ts
/** Every judgement; where voltage or polarity is refused, or nobody knows it, that one alone. */
const judgePower = (c) => {
	const gate = judgeSupply(c);
	if (c.refusedBy !== null || !c.gateKnown) return [gate];
	return [
		gate,
		judgeSag(c),
		judgeKeyed(c),
		judgeCranking(c),
		judgeStarterCircuit(c),
		...judgeEarths(c),
		judgeEcuFeed(c),
		judgeEcuEarth(c),
		judgePump(c),
		judgeGenerator(c),
		judgeMeasuredStart(c),
		...judgeConnected(c),
		judgeRelayFigures(c),
		...judgeRelays(c),
		...judgeOthers(c),
		judgeThinLeads(c),
		judgeFuseLoad(c),
		judgeFuseShort(c),
		judgeFuseInrush(c),
		judgeWireDrops(c),
		judgeFusePlan(c),
		judgeKeyedWires(c),
		judgeStop(c),
		judgePumpCut(c),
		judgeSensorEarth(c),
		judgeFanFeed(c),
		judgeRest(c),
		judgeOldPath(c),
		judgeSharedRelay(c),
		judgeHeater(c),
		judgeGauges(c),
		judgeNoisePath(c),
		judgeJumpPosts(c)
	].filter((v) => v !== null);
};
const ACTIONS = {
	stop: "Fix failed checks: power",
	unknown: "Measure battery, generator and straps",
	caution: null,
	ok: null
};
/** The power station of a job: a pure function of the document. */
const assessPower = (job) => {
	const c = powerCase(job);
	const verdicts = causesFirst(job, c, judgePower(c), (other) => judgePower(powerCase(other)));
	const state = worstState(verdicts.map((v) => v.state));
	return {
		c,
		verdicts,
		state,
		assumptions: c.refusedBy === null ? c.assumptions : [],
		action: ACTIONS[state]
	};
};
// packages/core/src/stations/power/partsOfPower.ts
const line = (id, what, name, quantity, specification, why, assumed = false) => ({
	id,
	what,
	name,
	quantity,
	specification,
	why,
	assumed
});
const count = (n) => fig(n, "count");
/** Wires that the conversion lays; the car's own stay. */
const LAID = [
	"ecuFeed",
	"ecuEarth",
	"keyedFeed",
	"pumpFeed",
	"pumpEarth",
	"fanFeed",
	"fanEarth"
];
/** For each end and along the way. Rule of thumb. */
const END_M = .15;
const SLACK = 1.05;
const INSULATION_WORDS = {
	xlpe: "thin-wall cross-linked, 125 °C",
	pvc: "PVC, 85 °C"
};
/** Wires that are bought: those of the conversion, the cables of a battery that moves, straps that are missing. */
const boughtRoles = (c) => {
	const { supply, power, found } = c;
	const there = (role) => c.wireChecks.some((w) => w.role === role);
	const moves = power.battery.place !== null && power.battery.place !== found.battery.place;
	return [...LAID.filter((r) => there(r) && !(r === "fanFeed" && supply.fan !== "relay") && !(r === "fanEarth" && supply.fan !== "relay")), ...moves ? ["starterCable", "bodyStrap"] : []];
};
const wireLines = (c) => {
	const groups = /* @__PURE__ */ new Map();
	for (const role of boughtRoles(c)) {
		const wire = c.supply.wires[role];
		const key = `${wire.sizeWords} ${wire.insulation}`;
		const own = groups.get(key) ?? {
			wire,
			roles: [],
			lengthM: 0,
			assumed: false
		};
		own.roles.push(role);
		own.lengthM += SLACK * wire.lengthM + 2 * END_M;
		own.assumed ||= wire.assumed.includes("length") || wire.assumed.includes("size");
		groups.set(key, own);
	}
	return [...groups].map(([key, { wire, roles, lengthM, assumed }]) => line(`wire ${key}`, "wire", `Wire ${wire.sizeWords}`, fig(lengthM, "distance"), say`${INSULATION_WORDS[wire.insulation]}`, `${roles.map((r) => c.labels[r] ?? r).join(", ")}; 5 % and 0.15 m an end over`, assumed));
};
/** What must be bought for the power station, from the design as it stands. */
const partsOfPower = (c) => {
	if (c.refusedBy !== null || !c.gateKnown) return [];
	const { design, fan, old, batteryPlace, wires } = c.supply;
	const plan = fusePlanOf(c);
	const atBattery = plan.atBattery;
	const relays = [
		...design.keyedFeed === "relay" ? ["keyed feed"] : [],
		...design.relays === "shared" ? ["ECU and pump"] : ["fuel pump"],
		...fan === "relay" ? ["radiator fan"] : []
	];
	const mostA = Math.max(0, ...atBattery.filter((x) => x.id !== "ecuFeed").map((x) => x.fuseA));
	const diodes = (design.keyedFeed === "relay" ? 2 : 0) + (design.pumpCut === "oil-pressure" ? 1 : 0) + (design.lampDiode === true ? 1 : 0);
	const rings = boughtRoles(c).filter((r) => wireSizeOf("mm2-4").sectionM2 <= c.supply.wires[r].sectionM2).length;
	const missing = [
		"batteryEarth",
		"engineStrap",
		"bodyStrap"
	].filter((r) => !wires[r].fitted && !(r === "batteryEarth" && batteryPlace !== "bay"));
	const damped = {
		none: null,
		diode: "Diode across the relay coil",
		resistor: "Resistor across the relay coil"
	}[design.damping];
	return [
		...wireLines(c),
		...atBattery.map((x) => line(`fuse ${x.id}`, "fuse", `Blade fuse ${x.fuseA} A with sealed holder`, count(1), say`at the battery; ${fig(x.continuousA, "current", 1)} for good`, x.what, x.id !== "keyed" && x.fuseA === 10 ? false : c.power.wires[x.id]?.fuseA === null)),
		...plan.box.flatMap(({ takes, position }) => takes ? [line(`fuse ${takes.id}`, "fuse", `Fuse ${takes.fuseA} A`, count(1), say`old box, position ${position.name}`, takes.what)] : []),
		...plan.subPanelA === null ? [] : [line("sub-panel", "sub-panel", "Fuse panel", count(1), say`${fig(plan.subPanel.length, "count")} positions or more, its own feed fused at ${fig(plan.subPanelA, "current")}`, plan.subPanel.map((x) => x.what).join(", "))],
		...relays.length > 0 ? [line("relays", "relays", "Relay with socket", count(relays.length), say`12 V, make contact for ${fig(mostA, "current")} or more, pull-in at most ${fig(c.supply.relay.pullInV, "voltage", 1)}`, relays.join(", "))] : [],
		...relays.length > 0 && damped ? [line("damping", "damping", damped, count(relays.length), design.damping === "diode" ? say`1 A; bar at 86` : say`six times the coil’s resistance, 0.5 W`, "one each relay")] : [],
		...diodes > 0 ? [line("diodes", "diodes", "Diode, 1 A", count(diodes), say`Schottky for the keyed relay; sleeved, not left hanging`, "no feed back")] : [],
		...missing.map((r) => line(`strap ${r}`, "earth strap", c.labels[r] ?? r, count(1), say`at least 16 mm², bright metal at both ends`, "missing as found")),
		...rings > 0 ? [line("rings", "ring terminals", "Ring terminal, crimped and sealed", count(2 * rings), say`for the wires of 4 mm² and more`, "two a wire", true)] : [],
		...design.pumpCut === "oil-pressure" ? [line("oil switch", "oil-pressure switch", "Oil-pressure switch, closing", count(1), say`and a warning lamp`, "pump stops with the engine")] : [],
		...old.killSwitch === "full" ? [line("kill switch", "kill switch", "Kill switch with two further contacts", count(1), say`battery, keyed feed, generator field`, "stops the engine")] : [],
		...batteryPlace !== "bay" && design.jumpPosts === true ? [line("jump posts", "jump posts", "Covered posts, positive and negative", count(1), say`at the engine`, "battery away from it")] : []
	];
};
// packages/core/src/stations/power/proofTests.ts
const volts = (c, condition, device) => loadAt(c.solved, condition, device)?.voltageV ?? 0;
const node = (c, condition, id) => c.solved.at[condition].nodesV[id] ?? 0;
/** What proves the design on the car, in the order of doing it: nothing runs first, the engine last. */
const proofTestsOf = (c) => {
	const { design, fan, inertiaSwitch, old, ecu } = c.supply;
	const v = (si, decimals = 1) => fig(si, "voltage", decimals);
	const test = (id, diagram, what, does, passes) => ({
		id,
		diagram,
		what,
		does,
		passes
	});
	const dropOf = (role) => c.wireChecks.find((w) => w.role === role)?.dropV ?? 0;
	const CRANKING = say`Ignition and injectors unplugged, out of gear, nobody near the fan; crank for five seconds.`;
	return [
		test("drain", null, "Current with the key off", say`Meter in the earth lead, doors shut, after half an hour.`, say`About ${fig(drainA(c), "current", 2)}.`),
		test("fuses", null, "Each fuse feeds its own", say`Key on. Pull each new fuse in turn.`, say`Only what the plan names goes dead.`),
		test("keyed-off", "keyed", "Keyed input with the key off", say`Meter from the ECU’s keyed pin to its earth pin, key off.`, say`Below 0.1 V; computed ${v(volts(c, "key-off", "keyed"), 2)}.`),
		test("ecu-crank", "constant", "ECU supply while cranking", say`${CRANKING} Meter across the ECU’s own supply pins.`, say`At least ${v(ecu.leastV)} throughout; computed ${v(volts(c, "crank-warm", "ecu"))} warm, ${v(volts(c, "crank-cold", "ecu"))} cold.`),
		test("keyed-crank", "keyed", "Keyed input in start", say`${CRANKING} Meter from the keyed pin to the earth pin, the terminals of the battery in the same start.`, say`At least ${v(ecu.leastV)}; computed ${v(volts(c, "crank-warm", "keyed"))} warm. A wire that is dead here is the wrong wire, not a weak battery.`),
		test("earth-block", null, "Battery negative to engine block", say`${CRANKING} Meter from the terminal itself to clean metal on the block.`, say`At most 0.2 V; computed ${v(node(c, "crank-warm", NODE.block), 2)} warm, ${v(node(c, "crank-cold", NODE.block), 2)} cold.`),
		test("earth-body", null, "Engine block to body", say`${CRANKING} Meter from block to body.`, say`At most 0.2 V; computed ${v(Math.abs(node(c, "crank-warm", NODE.block) - node(c, "crank-warm", NODE.bodyFront)), 2)}.`),
		test("pump-drop", "pump", "Pump supply", say`Pump running. Meter from battery positive to pump positive, then pump negative to battery negative; add both.`, say`At most ${v(CIRCUITS.pumpFeed.limitV)}; computed ${v(dropOf("pumpFeed"), 2)} in its wires.`),
		...inertiaSwitch ? [test("inertia", "pump", "Inertia switch", say`Pump running; knock the switch before it is mounted for good.`, say`The pump stops at once, and stays off until the button is pressed.`)] : [],
		test("stall", "pump", "Pump stops with the engine", design.pumpCut === "ecu" && design.relays === "separate" ? say`Engine idling; unplug the crank sensor.` : say`Engine idling; stall it in gear, key left on.`, say`The pump stops within two seconds.`),
		test("key-stop", "stop", "Key stops the engine", say`Engine at 2500 rpm, lights and fan on; key off.`, say`The engine stops at once; the keyed pin falls below 0.1 V.`),
		...old.killSwitch === "none" ? [] : [test("kill", "stop", "Kill switch stops the engine", say`Engine at 2500 rpm; open the kill switch. A generator left on an open battery can spike: the switch must cut its field too.`, say`Engine and pump stop at once. What stays live is labelled.`)],
		...fan === "none" ? [] : [test("fan", "fan", "Fan starts without pulling the ECU down", say`Idle, lights on; switch the fan by the ECU’s output test. Fastest reading of a meter across the ECU’s supply pins.`, say`Never below ${v(volts(c, "fan-inrush", "ecu") - .3)}; computed ${v(volts(c, "fan-inrush", "ecu"))} as it starts.`)],
		test("sensor-earth", "constant", "Sensor earth apart", say`ECU’s connector off, key off. Ohms from each sensor’s return pin to the block and to the body.`, say`Open: above 100 kΩ. Then, connector on, idle with lights on: millivolts between sensor earth and ECU earth, near zero.`),
		test("charging", null, "Charging at idle", say`Warm idle, everything on. Meter on the battery’s terminals.`, say`Computed ${v(volts(c, "night-rain", "ecu"))} at the ECU, ${v(node(c, "night-rain", NODE.post))} at the terminals; below 12.7 V the battery is giving.`)
	];
};
// ../../tmp/s2.mjs
const show = (job) => {
	const t = performance.now();
	const a = assessPower(job);
	console.log("--", (performance.now() - t).toFixed(1));
	for (const v of a.verdicts) if (v.state !== "ok" || process.env.ALL) console.log((v.effectOf ? "   ^ " : "") + v.state, v.id, "|", v.title, "|", v.figure ? figureText(v.figure, {}) : "", v.limitName, v.limit ? figureText(v.limit, {}) : "", "|", sentenceText(v.reason, {}));
	return a;
};
process.env.ALL = "1";
const a = show(poweredJob({
	"walkAround.cooling.fan": "electric",
	"power.design.fan": "relay",
	"fuel.safety.inertiaSwitch": true
}));
delete process.env.ALL;
for (const w of a.c.wireChecks) console.log(w.role, w.wire.sizeWords, "cont", w.continuousA.toFixed(1), "drop", w.dropV.toFixed(3), w.dropIn, "lim", w.limitV, "bears", w.bearsA.toFixed(1), w.fuse && [
	w.fuse.ratingA,
	"least",
	w.fuse.leastA.toFixed(1),
	w.fuse.choices.join("/"),
	"wear",
	w.fuse.wear.toFixed(3),
	w.fuse.inrush?.peakA.toFixed(0),
	"short",
	w.fuse.short.currentA.toFixed(0),
	w.fuse.short.opensWithinS.toFixed(3),
	w.fuse.short.wireBearsS.toFixed(2)
].join(" "), Object.values(w.least).map((l) => l && l.size.words + ":" + l.governs.join("+")).join(" | "));
console.log(JSON.stringify(fusePlanOf(a.c), null, 0).slice(0, 900));
for (const p of proofTestsOf(a.c)) console.log(p.id, "|", p.what, "|", sentenceText(p.does, {}), "|", sentenceText(p.passes, {}));
for (const l of partsOfPower(a.c)) console.log(l.what, "|", l.name, figureText(l.quantity, {}), sentenceText(l.specification, {}), "|", l.why, l.assumed);
for (const [n, f] of [
	["ecu stud", {
		"walkAround.battery.place": "boot",
		"power.wires.starterCable.size": "mm2-16",
		"power.wires.starterCable.joints": "fair",
		"power.design.ecuFeed": "starter-stud",
		"power.design.ecuEarth": "block"
	}],
	["keyed", { "power.design.keyedFeed": "run-only" }],
	["strap", { "walkAround.earths.engineToBody": false }],
	["strap block", { "walkAround.earths.batteryToEngine": false }],
	["frame", { "power.design.pumpEarth": "frame" }],
	["shared", { "power.design.relays": "shared" }],
	["fan", {
		"walkAround.cooling.fan": "electric",
		"power.design.fan": "old-switch",
		"power.loads.fanA": 25,
		"power.design.ecuFeed": "ignition",
		"power.design.keyedFeed": "run-and-start"
	}],
	["thin", {
		"power.wires.ecuFeed.size": "mm2-0.75",
		"power.wires.ecuFeed.fuseA": 25
	}],
	["kill", {
		"power.old.killSwitch": "battery",
		"power.design.ecuFeed": "kill-switch"
	}]
]) {
	console.log("=====", n);
	show(poweredJob(f));
	show(poweredJob(f));
}
export {};
