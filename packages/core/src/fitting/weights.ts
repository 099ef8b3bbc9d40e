/**
 * What a candidate costs against the step's intent. The order is what matters: the ladder before
 * another pose, the same purpose before a shared one, rest last. Chosen by us, adjustable here.
 */
export const WEIGHTS = {
  /** Another rung at all, and each rung further away. */
  rung: 10,
  perRung: 3,
  /** All of the way given up, of the asked rung: less than any other rung costs. */
  partway: 8,
  /** A fuller rung than was asked, where a more supported one would also do. */
  fuller: 4,
  /**
   * All of the hold given up; in what settles, more: to stay is what it is for, so it is the last thing
   * cut.
   */
  hold: 12,
  settlingHold: 80,
  /** Something put within reach. */
  added: 1,
  /** Another pose, and all of the purpose lost. */
  pose: 100,
  purpose: 90,
  /**
   * Each move that lies between where the class is and where one does it; on the floor while the class is
   * not, or the other way round; on a chair while the class stands, or the other way round.
   */
  classLevel: 5,
  classFloor: 22,
  classChair: 12,
  /**
   * One move between levels; a way that is not the usual one; getting down or up for someone who goes
   * slowly, times that.
   */
  way: 1.5,
  unusualWay: 0.5,
  slowFloor: 2,
  /** No way that suits: taken only where nothing else is left. */
  noWay: 400,
  /** The two sides of a step do different things. */
  sidesDiffer: 2,
  /**
   * Another energy; each grade of effort more or less; a prop; a form of another pose that is not its usual
   * one.
   */
  energy: 4,
  harder: 10,
  easier: 4,
  prop: 0.5,
  unusual: 1,
  /** A balance taken sitting or lying: what it is for is all but lost. */
  noBalance: 25,
  /** A pose with sides in place of one without: each side gets half. */
  halved: 1.5,
  /** Another pose on one leg, where the asked one stands on both. */
  oneLeg: 30,
  /** Another pose in which the hands lift a limb: for nobody who can lift it, while there is another. */
  helped: 60,
  /** All of the body's weight on hands, forearms or neck, where the asked pose has none there. */
  heavier: 12,
  /** Each kind of prop to fetch that is not in hand. */
  fetch: 0.5,
  /** In mid-flow: a level on which nothing of the flow is done; a kind of prop that it has not. */
  breaksFlow: 40,
  fetchInFlow: 12,
  /** A way that someone who goes slowly takes with the breath of a flow, times that. */
  hurried: 1.5,
  /** A counter-pose put in; none there is to put in. */
  counter: 3,
  noCounter: 30,
  /** Each version of a step beyond the first, where fewer versions are asked for. */
  version: 25,
  /** Each prop more than the hall has: dearer than another pose, less than resting. */
  missing: 300,
  /**
   * Each usual range of spine, neck or knee that another pose asks for beyond the asked one: nobody is
   * swapped into something deeper.
   */
  deeper: 25,
  /** All of a hold cut to keep the time, growing with the square of what is cut; of a rest. */
  cut: 10,
  cutRest: 80,
  /**
   * A step left out to keep the time; one whose purpose no other step serves, times that; one whose pose
   * came before, times this.
   */
  leftOut: 60,
  onlyOne: 2,
  again: 0.5,
  /** A rest shape, and sitting out. */
  rest: 1000,
  sitOut: 2000,
} as const;
