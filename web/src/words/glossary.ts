/** Short explanations of the trade's and the model's terms. */
export const GLOSSARY = {
  bakersPercentage: {
    name: "Baker's percentage",
    text: "Grams of an ingredient for every 100 g of flour in the dough. All flours together are 100 %. Half of a sourdough starter counts as flour.",
  },
  hydration: {
    name: "Three hydrations",
    text: "Baker's: water of liquids and dairy over flour. Effective: everything that softens the dough when it is rolled, over flour. Total: all water, the flour's own too, over the whole dough.",
  },
  holdBack: {
    name: "First pour and hold back",
    text: "Pour the first part at once; keep the rest beside the bowl and give it in small additions until the feel is right. Together they reach the wet end of the range.",
  },
  softness: {
    name: "Softness",
    text: "What is brought over what is drunk when the dough is rolled. 1.00 is a just-soft unleavened dough; below it is firmer, above it softer.",
  },
  brings: {
    name: "Brings",
    text: "Grams of water, and of fat, sugar and salt counted as the water they stand for, that are in play when the dough is rolled. A raw piece of vegetable lets go of only part of its water.",
  },
  drinks: {
    name: "Drinks",
    text: "Grams of water taken up by then, at softness 1.00. Coarse meal and bran go on drinking for half an hour.",
  },
  range: {
    name: "The range",
    text: "In 8 of 10 bowls the right water lies in this range. It comes from weighing errors and from how well each flour's absorption is known. It is widest where a flour is least known.",
  },
  window: {
    name: "Rolling window",
    text: "The first unbroken stretch of minutes after kneading in which the dough neither sticks nor cracks and springs back no more than the style allows.",
  },
  form: {
    name: "Form",
    text: "How the vegetable, potato or pulse meets the flour. A purée has all its water in play; raw pieces let go slowly; mash holds water and weeps while it stands.",
  },
  typical: {
    name: "Typical values",
    text: "Ingredient figures are typical values from the book. Your lot may differ: where you have measured, open the line and type your own figure.",
  },
  rollability: {
    name: "Rollability",
    text: "What the risks of sticking, cracking and tearing, and spring-back over the limit, leave of 100 % at the minute of rolling.",
  },
  gluten: {
    name: "Gluten strength",
    text: "How strong a network the flours make together. Strong white flour alone is about 100; whole and ancient grains are far lower.",
  },
  sheetStrength: {
    name: "Sheet strength",
    text: "What holds the sheet together, in the same points as gluten strength: the gluten, and beside it gelled starch of mash, potato flakes or scalded flour.",
  },
  weighIn: {
    name: "Weigh-ins",
    text: "Weigh what you would otherwise measure. From then on the mean is used here. Each weigh-in moves the error from the book's to what your hand really does; formulas already saved keep their grams.",
  },
  lineRange: {
    name: "The range of a line",
    text: "In 8 of 10 bowls the line weighs within this range. It comes from how the amount was measured, and from a range that the recipe states. Type a weight, and it counts as weighed.",
  },
  ends: {
    name: "Dry end and wet end",
    text: "When flour and water are both given as ranges, the recipe means the lower ends together and the upper ends together. The end with less hydration is the dry one.",
  },
  freeWater: {
    name: "Free water of a filling",
    text: "Water that its parts let go of while it stands, more with salt, less what its flours take up. How it is enclosed sets how much of it the bread holds.",
  },
  rise: {
    name: "The volume",
    text: "How many times its volume after kneading the dough has. The dotted line is where this style is rolled; in the shade it is past its best. Yeast differs: a rise that is seen counts more than this one.",
  },
  band: {
    name: "The band round the curve",
    text: "In 8 of 10 bowls the softness lies within the band. It comes from the weighing errors and from how well each flour's absorption is known.",
  },
  likelihood: {
    name: "How far the figures speak for it",
    text: "The formula's own figures say how far each cause applies; each cause also has a weight for how often it is behind the symptom. What no figure shows, such as uneven rolling, stands at a constant. Check before you correct.",
  },
  heatBalance: {
    name: "Heat balance",
    text: "What flour, inclusions and kneading bring or take in warmth, the water must make up. Bowl, bench and hands are left out.",
  },
  pickup: {
    name: "What the dough takes up",
    text: "Flour from the bench, water from wet hands and oil get into the dough while it is rolled. They count in its balance, but not in baker's percentages.",
  },
  aim: {
    name: "Softness to aim for",
    text: "Left empty, the style's own. It moves the water asked for, not the style's window.",
  },
} as const;

export type GlossaryTerm = keyof typeof GLOSSARY;
