// Made from core/tables/ambiguous-terms.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const AMBIGUOUS_TERMS_TABLE = `term	default_id	other_ids	note
corn flour		cornstarch|maize-flour	UK/India/Ireland/Australia usually mean starch; US means finely ground corn: ask. 'cornflour' (one word) is cornstarch
baking powder	baking-powder	uk-baking-powder|aluminium-free-baking-powder|tartrate-baking-powder	choose uk-baking-powder for a UK/Irish/Australian recipe
cider	hard-cider	apple-juice|boiled-cider	US unqualified cider is apple juice
lemonade	lemonade	lemon-juice	UK/Australia fizzy; US still and sweetened
ginger	fresh-ginger	ground-ginger|crystallised-ginger|stem-ginger	a teaspoon in a cake recipe usually means ground
coriander		ground-coriander|cilantro	US coriander is the seed; UK/India may be the leaf
coconut	fresh-coconut	desiccated-coconut|sweetened-shredded-coconut|coconut-flakes	UK/Australia baking usually means desiccated; US usually sweetened shredded
syrup	golden-syrup	corn-syrup|maple-syrup	the golden kind in British baking; elsewhere say which
cream		heavy-cream|double-cream|whipping-cream|single-cream	ask for fat percentage
oatmeal	medium-oatmeal	rolled-oats|quick-oats	US oatmeal means rolled or quick oats
mustard	prepared-mustard	mustard-powder|mustard-oil	a teaspoon of dry mustard is powder
yeast		instant-yeast|active-dry-yeast|fresh-yeast	ask
chocolate		dark-chocolate-70|bittersweet-chocolate|semisweet-chocolate-chips|milk-chocolate|white-chocolate	ask
cocoa	natural-cocoa	dutch-cocoa|black-cocoa	much UK/EU cocoa is alkalised: matters when soda is the leavener
golden raisins	golden-raisins	raisins	UK sultanas are usually not sulphited; Australian sultanas are darker
tomato puree	tomato-puree	tomato-juice	UK puree = US paste; US puree is thin (passata-like)
curd	plain-yogurt	quark|lemon-curd	Indian curd is set yogurt
figs	dried-figs	fresh-fig
apricots	apricot	dried-apricots
currants	currants	blackcurrants|redcurrants	dried Zante currants unless coloured
kosher salt	kosher-salt	kosher-salt-dense	the two types differ about 1.6 times by spoon
tablespoon (Australia)			20 ml in Australia; 14.787 ml US; 15 ml UK/metric. All piece weights here use 14.787 ml
large egg	egg		US large 50 g shelled; UK large 59 g; UK medium 51 g
plant milk	oat-milk	soy-milk|almond-milk|coconut-milk-drink|rice-milk	plant milks differ: soy sets and browns most like dairy
plant based milk	oat-milk	soy-milk|almond-milk|coconut-milk-drink|rice-milk	plant milks differ: soy sets and browns most like dairy
non dairy milk	oat-milk	soy-milk|almond-milk|coconut-milk-drink|rice-milk	plant milks differ: soy sets and browns most like dairy
dairy free milk	oat-milk	soy-milk|almond-milk|coconut-milk-drink|rice-milk	plant milks differ: soy sets and browns most like dairy
milk alternative	oat-milk	soy-milk|almond-milk|coconut-milk-drink|rice-milk	plant milks differ: soy sets and browns most like dairy
vegan milk	oat-milk	soy-milk|almond-milk|coconut-milk-drink|rice-milk	plant milks differ: soy sets and browns most like dairy
vegan sour cream	soy-yogurt	coconut-yogurt|oat-cream	sold in many kinds: the nearest sour one is counted
soy cream	oat-cream	plant-double-cream	cooking creams have 13 to 17 % fat; whipping ones 30 %
cashew cream	plant-double-cream	oat-cream	home-made ones differ in water
nut butter	almond-butter	peanut-butter|cashew-butter	any nut: write which for those who avoid one
nuts	walnuts	pecans|hazelnuts|almonds|peanuts	any nut: write which for those who avoid one
mixed nuts	walnuts	hazelnuts|almonds|cashews	any nut: write which for those who avoid one
dried fruit	mixed-dried-fruit	raisins|dates|currants	any of them
seeds	mixed-seeds	sunflower-seeds|pumpkin-seeds|ground-flaxseed	any of them
zest	lemon-zest	orange-zest|lime-zest	of which fruit: write it
citrus zest	lemon-zest	orange-zest|lime-zest	of which fruit: write it
peel	candied-mixed-peel	candied-orange-peel|candied-lemon-peel	candied mixed peel unless a fruit is named
berries	mixed-berries	blueberries|raspberries|strawberries|blackberries	which: they differ in water and acid`;
