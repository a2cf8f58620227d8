/** The sites of an arm, shoulder first. */
export const sites = [
  'FRONT_OF_SHOULDER',
  'TOP_OUTER_SHOULDER',
  'TOP_JOINT_OF_SHOULDER',
  'BACK_OF_ELBOW',
  'CROOK_OF_ELBOW',
  'OUTER_ELBOW',
  'INNER_ELBOW',
  'WRIST',
] as const
