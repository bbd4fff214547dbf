/** The three most probable causes of every acceptance case, and how probable. Made by `npm run golden`. */
export const GOLDEN: Readonly<Record<string, readonly (readonly [key: string, p: number])[]>> = {
  'hips run left from a stiff, once sprained right ankle': [
    ['ankle-joint:right', 0.991],
    ['trunk-hold:-', 0.2],
    ['breath:-', 0.15],
  ],
  'a post gives the depth that is not there alone: range is not missing': [
    ['balance-deep:-', 0.977],
    ['pattern-unlearned:-', 0.243],
    ['trunk-hold:-', 0.231],
  ],
  'a hinge stops at both hamstrings, felt in the belly': [
    ['hamstring-length:left', 0.999],
    ['hamstring-length:right', 0.999],
    ['pattern-unlearned:-', 0.161],
  ],
  'bracing frees the leg: the trunk was the brake, and no stretch is given': [
    ['trunk-hold:-', 0.999],
    ['breath:-', 0.845],
    ['hip-extend:left', 0.184],
  ],
  'an electric line down the right leg that the head changes': [
    ['nerve-back:right', 0.999],
    ['trunk-hold:-', 0.257],
    ['breath:-', 0.169],
  ],
  'feet turn out for a left shin that will not turn in': [
    ['shin-turn-in:left', 0.911],
    ['trunk-hold:-', 0.2],
    ['balance-deep:-', 0.15],
  ],
  'a kneecap swings outward: the hip is turned out, and weak the other way': [
    ['hip-turn-in:left', 0.985],
    ['hip-turn-in-strength:left', 0.469],
    ['trunk-hold:-', 0.2],
  ],
  'long thighs fold the trunk, and a wider stance suits them': [
    ['long-thighs:-', 0.997],
    ['trunk-hold:-', 0.248],
    ['balance-deep:-', 0.237],
  ],
  'a pinch in front of the right hip': [
    ['hip-bend:right', 1.0],
    ['long-thighs:-', 0.208],
    ['trunk-hold:-', 0.177],
  ],
  'pain at night goes to a clinician first': [
    ['ankle-joint:left', 0.21],
    ['ankle-joint:right', 0.21],
    ['balance-deep:-', 0.21],
  ],
  'from the ground up, a slide to the right asks of the left ankle': [
    ['ankle-joint:left', 0.276],
    ['calf-deep:left', 0.22],
    ['hip-bend:left', 0.205],
  ],
  'a fused right ankle explains, and is fitted around': [
    ['trunk-hold:-', 0.265],
    ['hip-side-strength:right', 0.178],
    ['hip-side-strength:left', 0.162],
  ],
  'a split whose rear hip will not go behind': [
    ['hip-extend:right', 0.976],
    ['trunk-hold:-', 0.2],
    ['quad-length:right', 0.172],
  ],
  'a lunge whose pelvis drops over a weak side hip': [
    ['hip-side-strength:left', 0.866],
    ['trunk-hold:-', 0.23],
    ['hip-side-control:left', 0.166],
  ],
  'a nerve is not held on stretch before a rest either': [
    ['nerve-back:left', 0.99],
    ['nerve-back:right', 0.99],
    ['trunk-hold:-', 0.223],
  ],
};
