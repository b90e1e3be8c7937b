package keenfork.core.recipe;

import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Lines as hurried cooks write them, all our own: what is read as amount, unit and food. A dash: no amount is written.
class HurriedLinesTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
            "250 g caster sugar | 250 | g | sugar",
            "1kg carrots, peeled | 1 | kg | carrot",
            "2 carrots, grated | 2 | none | carrot",
            "1 large carrot | 1 | none | carrot",
            "4 sticks of celery, finely sliced | 4 | piece | celery",
            "1 celery stick | 1 | piece | celery",
            "1 head of fennel | 1 | piece | fennel",
            "2 fennel bulbs, shaved | 2 | piece | fennel",
            "1 bulb of garlic | 1 | piece | garlic",
            "3 cloves garlic, crushed | 3 | clove | garlic",
            "2 fat cloves of garlic | 2 | clove | garlic",
            "1 clove of garlic, grated | 1 | clove | garlic",
            "a clove of garlic | 1 | clove | garlic",
            "½ red onion, thinly sliced | 0.5 | none | red onion",
            "1/2 cucumber | 0.5 | none | cucumber",
            "one and a half lemons | 1.5 | none | lemon",
            "2 ½ tbsp soy sauce | 2.5 | tbsp | soy sauce",
            "1¼ cups bulgur wheat | 1.25 | cup | bulgur",
            "3/4 cup quinoa, rinsed | 0.75 | cup | quinoa",
            "2 cups of cooked brown rice | 2 | cup | cooked rice",
            "400 ml can coconut milk | 400 | ml | coconut milk",
            "1 x 400 g tin butter beans | 1 | tin | butter bean",
            "2 tins chickpeas, drained and rinsed | 2 | tin | chickpea",
            "1 tin of sweetcorn | 1 | tin | sweetcorn",
            "1 jar roasted red peppers, drained | 1 | jar | roasted red pepper",
            "1 bunch of flat-leaf parsley, leaves only, finely chopped | 1 | bunch | parsley",
            "2 bunches coriander, roughly chopped | 2 | bunch | coriander",
            "a bunch of mint | 1 | bunch | mint",
            "half a bunch of dill | 0.5 | bunch | dill",
            "small bunch of chives, snipped | 1 | bunch | chive",
            "handful of basil leaves, torn | 1 | handful | basil",
            "2 handfuls rocket | 2 | handful | rocket",
            "a big handful of spinach | 1 | handful | spinach",
            "4 sprigs thyme | 4 | sprig | thyme",
            "2 sprigs of rosemary | 2 | sprig | rosemary",
            "10 mint leaves | 10 | piece | mint",
            "2 bay leaves | 2 | piece | bay leaf",
            "pinch of saffron | 1 | pinch | saffron",
            "a pinch of chilli flakes | 1 | pinch | chilli flake",
            "2 pinches sea salt | 2 | pinch | salt",
            "a glug of olive oil | 2 | drizzle | olive oil",
            "splash of sherry vinegar | 1 | drizzle | sherry vinegar",
            "a squeeze of lemon juice | 1 | drizzle | lemon juice",
            "a dash of hot sauce | 0.25 | tsp | hot sauce",
            "1 teaspoon ground cumin | 1 | tsp | cumin",
            "2 teaspoons of smoked paprika | 2 | tsp | smoked paprika",
            "1 tsp. turmeric | 1 | tsp | turmeric",
            "1 heaped tsp baking powder | 1 | tsp | baking powder",
            "2 level tablespoons cornflour | 2 | tbsp | cornflour",
            "1 Tbsp Dijon mustard | 1 | tbsp | dijon mustard",
            "3 tablespoon maple syrup | 3 | tbsp | maple syrup",
            "2 spoons of honey | 2 | tbsp | honey",
            "100g feta, crumbled | 100 | g | feta",
            "75 g parmesan, finely grated | 75 | g | parmesan",
            "50g blue cheese | 50 | g | blue cheese",
            "1 ball mozzarella, torn | 1 | piece | mozzarella",
            "200 g goats cheese | 200 | g | goat's cheese",
            "150 g Greek yoghurt | 150 | g | strained yoghurt",
            "1 pot soured cream | 1 | pot | soured cream",
            "100 ml double cream | 100 | ml | double cream",
            "6 eggs | 6 | none | egg",
            "3 egg yolks | 3 | none | egg yolk",
            "2 hard-boiled eggs, quartered | 2 | none | boiled egg",
            "8 anchovy fillets in oil | 8 | piece | anchovy",
            "1 fillet smoked mackerel | 1 | piece | smoked mackerel",
            "200g smoked salmon, in strips | 200 | g | smoked salmon",
            "1 avocado, stoned and sliced | 1 | none | avocado",
            "2 ripe avocados | 2 | none | avocado",
            "1 large aubergine | 1 | none | aubergine",
            "2 courgettes, coarsely grated | 2 | none | courgette",
            "300 g cherry tomatoes, halved | 300 | g | cherry tomato",
            "4 plum tomatoes, deseeded | 4 | none | plum tomato",
            "2 tbsp tomato purée | 2 | tbsp | tomato paste",
            "100 g sun-dried tomatoes | 100 | g | sun dried tomato",
            "1 green chilli, deseeded and finely chopped | 1 | none | chilli",
            "thumb-sized piece of ginger, grated | 1 | piece | ginger",
            "2 spring onions, sliced | 2 | none | spring onion",
            "4 shallots | 4 | none | shallot",
            "1 leek, washed | 1 | none | leek",
            "1 small celeriac, peeled and cut into matchsticks | 1 | none | celeriac",
            "500 g new potatoes, halved | 500 | g | new potato",
            "1 little gem lettuce | 1 | none | little gem",
            "½ white cabbage, shredded | 0.5 | none | cabbage",
            "zest of 1 orange | 1 | none | orange zest",
            "juice of 2 lemons | 2 | none | lemon juice",
            "juice of ½ lime | 0.5 | none | lime juice",
            "the juice of 1 orange | 1 | none | orange juice",
            "2 limes, juiced | 2 | none | lime juice",
            "1 lemon, zested | 1 | none | lemon zest",
            "50 g walnuts, toasted | 50 | g | walnut",
            "30g pine nuts | 30 | g | pine nut",
            "a handful of almonds, roughly chopped | 1 | handful | almond",
            "2 tbsp flaked almonds | 2 | tbsp | flaked almond",
            "1 cup cashews, soaked overnight | 1 | cup | cashew",
            "3 tbsp pumpkin seeds | 3 | tbsp | pumpkin seed",
            "1 tbsp sesame seeds, toasted | 1 | tbsp | sesame seed",
            "4 slices sourdough | 4 | slice | sourdough",
            "2 slices of rye bread | 2 | slice | rye bread",
            "50 g panko breadcrumbs | 50 | g | panko",
            "200g dried pasta | 200 | g | pasta",
            "400 g spaghetti | 400 | g | spaghetti",
            "250 g puy lentils | 250 | g | puy lentil",
            "100 g edamame beans | 100 | g | edamame",
            "1 block silken tofu | 1 | piece | silken tofu",
            "2 tbsp white miso | 2 | tbsp | miso",
            "3 tbsp nutritional yeast | 3 | tbsp | nutritional yeast",
            "100 ml white wine | 100 | ml | white wine",
            "500 ml vegetable stock | 500 | ml | vegetable stock",
            "1 vegetable stock cube | 1 | piece | vegetable stock cube",
            "2 sheets nori | 2 | piece | nori",
            "salt and pepper | - | none | salt",
            "salt & freshly ground black pepper, to taste | - | to-taste | salt",
            "olive oil, for drizzling | - | none | olive oil",
            "sea salt | - | none | salt",
            "- 3 tbsp capers, rinsed | 3 | tbsp | caper",
            "* 1 tbsp za'atar | 1 | tbsp | za'atar",
            "1) 200 g couscous | 200 | g | couscous",
            "tahini, 3 tbsp | 3 | tbsp | tahini",
            "chickpeas 400g | 400 | g | chickpea",
            "about 200 g rice | 200 | g | rice",
            "approx. 2 tbsp agave | 2 | tbsp | agave",
            "100-150 g kale | 100 | g | kale",
            "2 to 3 tbsp water | 2 | tbsp | water",
            "8 oz mushrooms | 8 | oz | mushroom",
            "1 lb beetroot | 1 | lb | beetroot",
            "6 fl oz buttermilk | 6 | fl-oz | buttermilk",
            "1,200 g carrots | 1200 | g | carrot",
            "1.5 litres water | 1.5 | l | water"})
    void are_read(String text, String amount, String unit, String food) {
        var line = aLine(text);
        assertThat(line.unread()).as("words that were not understood").isEmpty();
        assertThat(line.food().orElseThrow().name()).isEqualTo(food);
        if (amount.equals("-")) {
            assertThat(line.amount()).isNull();
            assertThat(line.toTaste()).isEqualTo(unit.equals("to-taste"));
        } else {
            assertThat(line.amount().low().decimal().doubleValue()).isEqualTo(Double.parseDouble(amount));
            assertThat(line.amount().unit().id()).isEqualTo(unit);
        }
    }

    /// A name cut short is taken for the only one that it can be, and asked about.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"crunchy noods 4 pkts | noodle", "10 g pecor | pecorino",
            "1 tin sardi | sardine", "10 g truf | truffle", "1 pk chori | chorizo"})
    void a_name_cut_short_is_taken_for_the_only_one(String written, String food) {
        var line = aLine(written);
        assertThat(line.food()).map(f -> f.name()).contains(food);
        assertThat(line.words().as()).hasSize(1);
    }

    /// Cashel, a cheese, or cashews; halibut, or a slip of haldi.
    @ParameterizedTest @ValueSource(strings = {"1 bag cashe", "200 g hali", "2 T marin"})
    void what_can_be_two_may_be_anything(String written) {
        assertThat(aLine(written).isUnread()).isTrue();
    }
}
