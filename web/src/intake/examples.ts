/** Recipes to try, as they arrive at Orrin Weir's mill: on cards, in letters, by telephone. Made up by us. */
export const EXAMPLES: { name: string; text: string }[] = [
  {
    name: "The boat club's kale roti",
    text: `Boat club kale roti
Makes about 10

3 to 3½ cups chapati flour, plus extra for dusting
a handful of kale, finely choped
2 medium potatoes, boiled and mashed
2 tbsp salt
1 heaped tablespoon yoghurt
½ tsp ajwain
warm water
butter or oil, for the griddle

Method
Rub the salt and seeds into the flour. Work in potato, kale and yogurt, then the water.
Rest 20 minutes. Cook on a griddle at 220 °F and brush with ghee.`,
  },
  {
    name: "A school kitchen's pumpkin flatbread",
    text: `Schools pumpkin flatbread
Makes 24

1 kg strong white flour; 250 g whole emmer flour; 400 g pumpkin purée
2 cups (480 g) milk or water
1 sachet instant yeast
20 g fine salt
60 ml olive oil
1 tin of golden syrup

Mix everything in the machine until smooth, then rest for an hour before rolling.`,
  },
  {
    name: "The miller's parsnip paratha",
    text: `Parsnip paratha

For the dough:
2 cups atta (260 g)
a knob of ghee, melted
¾ tsp salt
100 ml boiling plus 60 ml cold water

For the filling:
3 parsnips, boiled and mashed
1 small onion, finely chopped
a few green chillies
1 tsp cumin seeds
salt to taste
a little roasted chickpea flour

For cooking:
2 tbsp ghee`,
  },
];
