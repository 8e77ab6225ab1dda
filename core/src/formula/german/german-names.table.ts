// Made from core/tables/german/names.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const GERMAN_NAMES_TABLE = `id	name_de	aliases_de
all-purpose-flour	Weizenmehl Type 405	Mehl|Weizenmehl|Weizenmehle|Mehl Type 405|405er Mehl|Weizenmehl 405|Haushaltsmehl|Weißmehl|weißes Mehl|helles Mehl|Weizenmehl Type 550|Mehl Type 550|Weizenmehl 550|550er Mehl|glattes Mehl|Mehl glatt|Universalmehl|Allzweckmehl|griffiges Mehl|Mehl griffig|doppelgriffiges Mehl|Weizenmehl Type 480|Weizenmehl Type 700|Weizenmehl W480|Weizenmehl W700|Mehls
bread-flour	kleberstarkes Weizenmehl	Brotmehl|backstarkes Mehl|Manitoba-Mehl|Manitobamehl|Pizzamehl|starkes Weizenmehl|Mehl mit hohem Eiweißgehalt
cake-flour	feines Kuchenmehl	Kuchenmehl|Biskuitmehl|Tortenmehl|extrafeines Weizenmehl|Weizenmehl Type 00|Mehl Type 00
pastry-flour	Gebäckmehl (Weichweizen)	Gebäckmehl|Weichweizenmehl|Keksmehl|Mürbteigmehl
self-rising-flour	Mehl mit Backpulver und Salz	amerikanisches selbsttreibendes Mehl|gesalzenes selbsttreibendes Mehl
self-raising-flour	Mehl mit Backpulver	selbsttreibendes Mehl|backfertiges Mehl|Mehl mit Backpulverzusatz|Backmehl mit Backpulver
whole-wheat-flour	Weizenvollkornmehl	Vollkornmehl|Weizen-Vollkornmehl|Vollkornweizenmehl|Vollkorn-Weizenmehl|Weizenvollkornmehle|Vollkornmehle
strong-wholemeal-flour	kleberstarkes Weizenvollkornmehl	Vollkorn-Brotmehl|Vollkornbrotmehl
self-raising-wholemeal-flour	Weizenvollkornmehl mit Backpulver	Vollkornmehl mit Backpulver|selbsttreibendes Vollkornmehl
white-whole-wheat-flour	helles Weizenvollkornmehl	Weißweizen-Vollkornmehl|Vollkornmehl aus weißem Weizen|Gelbweizenvollkornmehl
whole-wheat-pastry-flour	feines Vollkorn-Kuchenmehl	feines Weizenvollkornmehl|fein gemahlenes Weizenvollkornmehl|Vollkornmehl fein
graham-flour	Grahammehl	Graham-Mehl|Weizenschrotmehl
coarse-wholemeal-flour	Weizenvollkornschrot	Weizenschrot|Vollkornschrot|grobes Weizenvollkornmehl|grobes Vollkornmehl|Backschrot
atta-flour	Attamehl	Atta-Mehl|Chapatimehl|Chapati-Mehl|indisches Vollkornmehl
wheat-bran	Weizenkleie	Kleie|Weizenkleien|Speisekleie
bran-cereal	Kleie-Frühstückscerealien	Weizenkleie-Sticks|Kleiesticks|Kleieflocken
wheat-germ	Weizenkeime	Weizenkeim|Weizenkeimen
semolina	Grieß (Hartweizen)	Grieß|Weizengrieß|Hartweizengrieß|Weichweizengrieß|Grießes
durum-flour	Hartweizenmehl	Hartweizengrieß fein|feiner Hartweizengrieß|Hartweizendunst|Semola|Semola rimacinata
white-spelt-flour	Dinkelmehl Type 630	Dinkelmehl|Dinkelmehl 630|helles Dinkelmehl|Dinkelmehle|630er Dinkelmehl
whole-spelt-flour	Dinkelvollkornmehl	Dinkel-Vollkornmehl|Vollkorn-Dinkelmehl|Vollkorndinkelmehl
einkorn-flour	Einkornmehl	Einkornvollkornmehl|Einkorn-Mehl
khorasan-flour	Khorasanweizenmehl	Khorasan-Mehl|Khorasanmehl|Khorasan-Weizenmehl
light-rye-flour	Roggenmehl Type 815	helles Roggenmehl|Roggenmehl|Roggenmehl Type 997|Roggenmehl 997|Roggenmehl 815
dark-rye-flour	Roggenvollkornmehl	dunkles Roggenmehl|Roggen-Vollkornmehl|Roggenmehl Type 1150|Roggenmehl 1150
barley-flour	Gerstenmehl	Gerstenvollkornmehl|Gersten-Mehl
malted-grain-flour	Mehrkornmehl mit Malz	Malzmehrkornmehl|Mehrkornmehl|gemälztes Mehrkornmehl
vital-wheat-gluten	Weizengluten	Gluten|Weizenkleber|Glutenpulver|Seitanmehl|Weizeneiweiß
wheat-starch	Weizenstärke	Weizenpuder
rolled-oats	kernige Haferflocken	Haferflocken kernig|Großblatt-Haferflocken|grobe Haferflocken|Haferflocken Großblatt|Vollkornhaferflocken
quick-oats	zarte Haferflocken	Haferflocken|Haferflocken zart|feine Haferflocken|Kleinblatt-Haferflocken|Schmelzflocken|Haferflocke
steel-cut-oats	Hafergrütze	geschnittene Haferkörner|Haferkerne geschnitten
medium-oatmeal	Haferschrot	mittelfeiner Haferschrot|Hafergrieß
oat-flour	Hafermehl	gemahlene Haferflocken|Hafer-Mehl
oat-bran	Haferkleie	Haferkleieflocken|Hafer-Kleie
gluten-free-rolled-oats	glutenfreie Haferflocken	Haferflocken glutenfrei|glutenfreier Hafer
muesli	Müsli ungesüßt	Müsli|Müslimischung|Früchtemüsli|Nussmüsli|Müslis|Birchermüesli
granola	Knuspermüsli	Granola|Crunchy-Müsli|Knusper-Müsli
gluten-free-flour-blend	glutenfreie Mehlmischung	glutenfreies Mehl|Mehl glutenfrei|glutenfreie Backmischung für Kuchen|glutenfreie Universalmehlmischung|glutenfreier Mehlmix
gluten-free-self-raising-flour	glutenfreies Mehl mit Backpulver	glutenfreie Mehlmischung mit Backpulver|glutenfreies selbsttreibendes Mehl
white-rice-flour	Reismehl	weißes Reismehl|helles Reismehl|Reismehle
brown-rice-flour	Vollkornreismehl	Vollkorn-Reismehl|Naturreismehl|braunes Reismehl
glutinous-rice-flour	Klebreismehl	süßes Reismehl|Klebreis-Mehl|Mochimehl
sorghum-flour	Sorghummehl	Sorghum-Mehl|Jowarmehl|Sorghumhirsemehl
millet-flour	Hirsemehl	Goldhirsemehl|Hirse-Mehl
finger-millet-flour	Fingerhirsemehl	Ragimehl|Ragi-Mehl
buckwheat-flour	Buchweizenmehl	Buchweizen-Mehl|Buchweizenvollkornmehl
teff-flour	Teffmehl	Teff-Mehl|Zwerghirsemehl
quinoa-flour	Quinoamehl	Quinoa-Mehl
amaranth-flour	Amaranthmehl	Amarantmehl|Amaranth-Mehl
cornmeal	Maisgrieß (mittelfein)	Maisgrieß|feiner Maisgrieß|gelber Maisgrieß|Minutenpolenta fein
polenta	Polenta	Polentagrieß|grober Maisgrieß|Instant-Polenta
maize-flour	Maismehl	Mais-Mehl|gelbes Maismehl|feines Maismehl
masa-harina	nixtamalisiertes Maismehl	Masa Harina|Tortillamehl|Masa-Mehl
almond-flour	gemahlene Mandeln (blanchiert)	gemahlene Mandeln|Mandeln gemahlen|geriebene Mandeln|Mandelgrieß|Mandelmehl|blanchierte gemahlene Mandeln|gemahlene blanchierte Mandeln|Mandelmehl naturbelassen
almond-meal	gemahlene Mandeln mit Haut	ungeschälte gemahlene Mandeln|gemahlene Mandeln ungeschält|gemahlene braune Mandeln
hazelnut-meal	gemahlene Haselnüsse	Haselnüsse gemahlen|geriebene Haselnüsse|Haselnussmehl|gemahlene Haselnusskerne|Haselnusskerne gemahlen|gemahlene Nüsse|Haselnussgrieß
coconut-flour	Kokosmehl	Kokosnussmehl|Kokos-Mehl
chickpea-flour	Kichererbsenmehl	Kichererbsen-Mehl|Besan|Gram-Mehl
soy-flour	Sojamehl	Soja-Mehl|vollfettes Sojamehl
lupin-flour	Lupinenmehl	Süßlupinenmehl|Lupinen-Mehl
peanut-flour	Erdnussmehl	entöltes Erdnussmehl|Erdnuss-Mehl
cassava-flour	Maniokmehl	Cassavamehl|Yucamehl|Maniok-Mehl
potato-flour	Kartoffelmehl (ganze Kartoffel)	Kartoffelflockenmehl|Kartoffelpulver
green-banana-flour	grünes Bananenmehl	Bananenmehl|Kochbananenmehl
tigernut-flour	Erdmandelmehl	gemahlene Erdmandeln|Erdmandeln gemahlen|Chufasnüsslimehl
chestnut-flour	Kastanienmehl	Maronenmehl|Esskastanienmehl|Marronimehl
water-chestnut-flour	Wasserkastanienmehl	Singhara-Mehl
cornstarch	Speisestärke	Maisstärke|Stärke|Speisestärken|Stärkemehl|feine Speisestärke
tapioca-starch	Tapiokastärke	Tapiokamehl|Maniokstärke|Tapioka-Stärke|Tapioca-Stärke
potato-starch	Kartoffelstärke	Kartoffelmehl|Kartoffel-Stärke
arrowroot	Pfeilwurzstärke	Pfeilwurzelmehl|Pfeilwurzmehl|Pfeilwurzelstärke|Arrowroot
custard-powder	Vanillepuddingpulver (zum Kochen)	Puddingpulver|Vanillepuddingpulver|Puddingpulver Vanille|Vanille-Puddingpulver|Puddingpulver Vanillegeschmack|Puddingpulver mit Vanillegeschmack|Vanillepudding-Pulver|Puddingpulver Sahne|Cremepulver zum Kochen
pregelatinised-starch	Quellstärke	kaltquellende Stärke|Instantstärke
granulated-sugar	Zucker	Kristallzucker|Zimtzucker|Zimt-Zucker|Haushaltszucker|weißer Zucker|Weißzucker|Zuckers|Raffinade|Feinkristallzucker|Raffinadezucker|Rübenzucker|Normalkristallzucker
superfine-sugar	feinster Zucker	feiner Zucker|extrafeiner Zucker|feinkörniger Zucker|Backzucker|feinster Backzucker
golden-caster-sugar	feiner Rohrohrzucker	feinster Rohrzucker|goldgelber feiner Zucker|feiner Rohrzucker
powdered-sugar	Puderzucker	Staubzucker|Staubzuckers|Puderzuckers|gesiebter Puderzucker|Puder-Zucker
light-brown-sugar	brauner Zucker	braunen Zucker|Braunzucker|hellbrauner Zucker|hellbraunen Zucker|weicher brauner Zucker|heller brauner Zucker
dark-brown-sugar	dunkelbrauner Zucker	dunkelbraunen Zucker|dunkler brauner Zucker|dunkler Zucker
light-muscovado-sugar	heller Muscovadozucker	heller Muscovado|hellen Muscovadozucker|heller Mascobado
dark-muscovado-sugar	Muscovadozucker	dunkler Muscovadozucker|Muscovado|Mascobado|Mascobadozucker|Vollrohrzucker|dunkler Muscovado
demerara-sugar	Demerarazucker	Demerara|Demerara-Zucker
turbinado-sugar	Rohrohrzucker	Rohrzucker|Rohr-Rohzucker|Roh-Rohrzucker|Rohzucker|Turbinadozucker|Rohrohrzuckers
jaggery	Jaggery	Palmzucker|Gur|indischer Rohzucker
coconut-sugar	Kokosblütenzucker	Kokoszucker|Kokosblüten-Zucker
date-sugar	Dattelzucker	Dattelsüße (Pulver)
maple-sugar	Ahornzucker	Ahorn-Zucker
pearl-sugar	Hagelzucker	Perlzucker|Hagelzuckers
sanding-sugar	grober Dekorzucker	Dekorzucker|bunter Zucker|Glitzerzucker
vanilla-sugar	Vanillezucker	Vanillinzucker|Vanille-Zucker|Bourbon-Vanillezucker|Bourbonvanillezucker|Vanillezuckers|Vanillin-Zucker|echter Vanillezucker
jam-sugar	Gelierzucker 1:1	Gelierzucker|Gelierzucker 2:1|Einmachzucker mit Pektin
dextrose	Traubenzucker	Dextrose|Traubenzuckerpulver|Glukosepulver
fructose	Fruchtzucker	Fruktose|Fructose
erythritol	Erythrit	Erythritol|Erythritpulver
xylitol	Xylit	Xylitol|Birkenzucker
allulose	Allulose	Psicose
stevia-erythritol-blend	Stevia-Erythrit-Mischung	Streusüße mit Stevia|Stevia-Erythrit|Stevia-Streusüße
honey	Honig	flüssiger Honig|Blütenhonig|Bienenhonig|Akazienhonig|Waldhonig|Honigs|Imkerhonig
molasses	Melasse (hell)	Melasse|helle Melasse|Zuckerrohrmelasse|Zuckerrübensirup|Rübensirup|Rübenkraut
blackstrap-molasses	dunkle Melasse	schwarze Melasse|Zuckerrohrmelasse dunkel
black-treacle	dunkler Zuckersirup (britisch)	schwarzer Sirup|dunkler Sirup
golden-syrup	heller Zuckersirup	heller Sirup|Goldsirup|goldener Sirup
light-corn-syrup	heller Maissirup	Maissirup|Maisstärkesirup
dark-corn-syrup	dunkler Maissirup	brauner Maissirup
glucose-syrup	Glukosesirup	Glucosesirup|Traubenzuckersirup|Bonbonsirup|Stärkesirup
maple-syrup	Ahornsirup	Ahornsirups|Ahorn-Sirup
agave-nectar	Agavendicksaft	Agavensirup|Agaven-Dicksaft
brown-rice-syrup	Reissirup	Reismalz|Reis-Sirup
barley-malt-extract	Gerstenmalzextrakt	Gerstenmalzsirup|Malzextrakt|Backmalzsirup|Malzsirup|Gerstenmalz
date-syrup	Dattelsirup	Dattelsüße|Dattel-Sirup|Dattelhonig
pomegranate-molasses	Granatapfelsirup	Granatapfelmelasse|Granatapfel-Sirup
invert-sugar-syrup	Invertzuckersirup	Invertzucker|Invertzuckercreme
sorghum-syrup	Sorghumsirup	Zuckerhirsesirup
simple-syrup	Läuterzucker	Zuckersirup|Zuckersirup 1:1|Läuterzuckers
caramel-sauce	Karamellsauce	Karamellsoße|Karamellsosse|Salzkaramell|Karamell-Sauce
coconut-nectar	Kokosblütensirup	Kokosblütennektar|Kokossirup
unsalted-butter	Butter	Süßrahmbutter|ungesalzene Butter|weiche Butter|zimmerwarme Butter|kalte Butter|flüssige Butter|zerlassene Butter|Markenbutter|deutsche Markenbutter|Teebutter|Butterflöckchen|Butterflocken|geschmolzene Butter
salted-butter	gesalzene Butter	Salzbutter|Butter gesalzen|leicht gesalzene Butter
cultured-butter	Sauerrahmbutter	mildgesäuerte Butter|Butter mildgesäuert
ghee	Butterschmalz	Ghee|Butterreinfett|geklärte Butter|Bratbutter
brown-butter	braune Butter	Nussbutter|gebräunte Butter
vegetable-shortening	Pflanzenfett	weißes Pflanzenfett|Backfett|festes Pflanzenfett|Bratfett|Frittierfett
high-ratio-shortening	emulgiertes Backfett	emulgiertes Pflanzenfett|Cremefett
lard	Schweineschmalz	Schmalz|Griebenschmalz|Schweinefett
beef-suet	Rindertalg, geraspelt	Rindernierenfett|Nierenfett|Suet|Nierentalg
vegetable-suet	pflanzlicher Talgersatz	vegetarischer Talg|pflanzliches Suet
baking-margarine	Margarine	Backmargarine|Würfelmargarine|weiche Margarine|Margarinen|Pflanzenmargarine
baking-spread	weiche Backmargarine (Becher)	Streichmargarine|Bechermargarine|Sonnenblumenmargarine|Streichfett
light-spread	Halbfettmargarine	Diätmargarine|fettreduzierte Margarine|Halbfettbutter
vegan-butter-block	vegane Butter	pflanzliche Butter|Butteralternative|vegane Margarine|vegane Backbutter
canola-oil	Rapsöl	Raps-Öl|Rapskernöl|raffiniertes Rapsöl
vegetable-oil	Pflanzenöl	Öl|Speiseöl|neutrales Öl|geschmacksneutrales Öl|Oel|Sojaöl|Salatöl|Öls|Bratöl|neutrales Pflanzenöl
sunflower-oil	Sonnenblumenöl	Sonnenblumen-Öl
corn-oil	Maiskeimöl	Maisöl
peanut-oil	Erdnussöl	Erdnuss-Öl
grapeseed-oil	Traubenkernöl	Traubenkern-Öl
olive-oil	Olivenöl	natives Olivenöl|Oliven-Öl|Olivenöl extra
avocado-oil	Avocadoöl	Avocado-Öl
coconut-oil	Kokosöl	Kokosfett|Kokosnussöl|Kokos-Öl|Plattenfett
walnut-oil	Walnussöl	Walnuss-Öl
sesame-oil	Sesamöl	geröstetes Sesamöl|Sesam-Öl
mustard-oil	Senföl	Senf-Öl
mayonnaise	Mayonnaise	Mayo|Majonäse|Salatmayonnaise
cooking-spray	Backtrennspray	Trennspray|Backspray|Ölspray|Sprühöl
dripping	Rindertalg	Rinderschmalz|Rinderfett|Talg
whole-milk	Vollmilch	Milch|Frischmilch|Vollmilch 3,5 %|Milch 3,5 %|lauwarme Milch|Kuhmilch|H-Milch|3,5%ige Milch|Milch 3,8 %|warme Milch|kalte Milch
semi-skimmed-milk	fettarme Milch (1,5 %)	fettarme Milch|Milch 1,5 %|teilentrahmte Milch|1,5%ige Milch|Halbfettmilch
low-fat-milk	fettarme Milch (1 %)	Milch 1 %|einprozentige Milch
skim-milk	Magermilch	entrahmte Milch|Magermilch 0,1 %|Milch 0,1 %
lactose-free-milk	laktosefreie Milch	Milch laktosefrei|lactosefreie Milch
goat-milk	Ziegenmilch	Ziegen-Milch
evaporated-milk	Kondensmilch	Dosenmilch|Kaffeesahne aus der Dose|ungezuckerte Kondensmilch|Büchsenmilch|Kondensmilch 7,5 %
sweetened-condensed-milk	gezuckerte Kondensmilch	gesüßte Kondensmilch|süße Kondensmilch|Kondensmilch gezuckert
dulce-de-leche	Milchkaramell	Dulce de Leche|Karamellcreme|Milchkaramellcreme|Karamell-Brotaufstrich
skim-milk-powder	Magermilchpulver	Magermilch-Pulver
whole-milk-powder	Vollmilchpulver	Milchpulver|Trockenmilch
malted-milk-powder	Malzmilchpulver	Malzmilch|Malzgetränkepulver
whey-powder	Süßmolkenpulver	Molkenpulver|Molkepulver
heavy-cream	Schlagsahne	Sahne|süße Sahne|Schlagrahm|Schlagobers|Obers|Rahm|Sahne 30 %|Schlagsahne 30 %|steif geschlagene Sahne|geschlagene Sahne|flüssige Sahne|kalte Sahne|Vollrahm|Süßrahm|Schlagsahne mind. 30 %
double-cream	Crème double	Doppelrahm|Creme double|Crème Double|Sahne 48 %
whipping-cream	Konditorsahne (38 %)	Konditorsahne|Schlagsahne extra|Schlagsahne 38 %|Sahne 36 %|Schlagsahne 36 %|Konditoreisahne
single-cream	Kochsahne (15–20 %)	Kochsahne|Halbrahm|Sahne zum Kochen|Kochsahne 15 %|Obers zum Kochen
half-and-half	Kaffeesahne	Kaffeesahne 10 %|Kaffeerahm|Kaffeesahne 12 %|Kaffeeobers
clotted-cream	Clotted Cream	Streichrahm|Dickrahm
khoya	Khoya	Khoa|Mawa|eingedickte Milch
buttermilk	Buttermilch	Butter-Milch|reine Buttermilch|Buttermilch natur
whole-buttermilk	Vollfett-Buttermilch	vollfette Buttermilch|Sahnebuttermilch
buttermilk-powder	Buttermilchpulver	Buttermilch-Pulver
soured-milk	mit Zitrone gesäuerte Milch	gesäuerte Milch|Sauermilch|Dickmilch
plain-yogurt	Naturjoghurt	Joghurt|Vollmilchjoghurt|Jogurt|Naturjogurt|Joghurt natur|Joghurt 3,5 %|Joghurts|Naturjoghurt 3,5 %
low-fat-yogurt	fettarmer Joghurt	Magerjoghurt|Joghurt 1,5 %|fettarmen Joghurt|Naturjoghurt 1,5 %|Joghurt fettarm
greek-yogurt	griechischer Joghurt	griechischen Joghurt|Sahnejoghurt|Joghurt griechischer Art|Joghurt 10 %|Sahnejoghurt nach griechischer Art
nonfat-greek-yogurt	griechischer Joghurt 0 %	griechischer Magerjoghurt|fettfreier griechischer Joghurt|griechischer Joghurt fettarm
skyr	Skyr	Skyr natur|Naturskyr|isländischer Skyr
labneh	Labneh	Labne|Labaneh|Joghurtkäse
kefir	Kefir	Kefirs|Kefir mild
sour-cream	Schmand	Schmands|Schmand 24 %|Sauerrahm 20 %|Schmant
light-sour-cream	saure Sahne	saurer Rahm|Sauerrahm|sauren Rahm|saure Sahne 10 %|Saure-Sahne
creme-fraiche	Crème fraîche	Creme fraiche|Crème fraiche|Crème-fraîche|Crémefraiche
quark	Quark	Magerquark|Speisequark|Topfen|Quark 20 %|Sahnequark|Speisequark 20 %|Quark 40 %|Quarks|Magertopfen|Schichtkäse|Speisequark mager
egg	Ei	Eier|Eiern|Hühnerei|Hühnereier|Vollei|Eies|ganze Eier|Eier Größe M|Ei Größe M|Eier (M)|Eier Gr. M|Eier (Größe M)|Eier (Größe L)|Eier Größe L|ganzes Ei|Freilandeier|Bio-Eier|Bio-Ei|verquirltes Ei
egg-white	Eiweiß	Eiklar|Eiweiss|Eiweiße|Eischnee|Eiweißen
egg-yolk	Eigelb	Eidotter|Dotter|Eigelbe|Eigelben|Eidottern
pasteurised-egg-white	pasteurisiertes Eiweiß	Flüssigeiweiß|flüssiges Eiweiß|Eiweiß pasteurisiert
liquid-whole-egg	pasteurisiertes Vollei	Flüssigei|flüssiges Vollei
dried-egg-white	Eiklarpulver	Trockeneiweiß|Eiweißpulver (Ei)|Eiweißpulver aus Ei
dried-whole-egg	Volleipulver	Eipulver|Trockenvollei|Trockenei
meringue-powder	Baiserpulver	Meringuepulver|Meringue-Pulver
duck-egg	Entenei	Enteneier|Enteneiern
quail-egg	Wachtelei	Wachteleier|Wachteleiern
flax-egg	Leinsamen-Ei	Leinei|Leinsamenei|Leinsamen-Eier
chia-egg	Chia-Ei	Chiaei|Chia-Eier
egg-replacer-powder	Eiersatzpulver	Ei-Ersatz|Eiersatz|Ei-Ersatzpulver
aquafaba	Aquafaba	Kichererbsenwasser|Kichererbsensud
silken-tofu	Seidentofu	Seiden-Tofu
firm-tofu	fester Tofu	Tofu|Naturtofu|Tofu natur
soy-milk	Sojadrink	Sojamilch|Soja-Drink|Soja-Milch|Sojadrink ungesüßt
almond-milk	Mandeldrink	Mandelmilch|Mandel-Drink
oat-milk	Haferdrink	Hafermilch|Hafer-Drink
rice-milk	Reisdrink	Reismilch|Reis-Drink
cashew-milk	Cashewdrink	Cashewmilch|Cashew-Drink
hazelnut-milk	Haselnussdrink	Haselnussmilch|Haselnuss-Drink
pea-milk	Erbsendrink	Erbsenmilch|Erbsen-Drink
hemp-milk	Hanfdrink	Hanfmilch|Hanf-Drink
coconut-milk-drink	Kokosdrink	Kokos-Drink|Kokosnussdrink|Kokosmilch-Drink
coconut-milk	Kokosmilch	Kokosnussmilch|Kokosmilch aus der Dose
light-coconut-milk	fettarme Kokosmilch	leichte Kokosmilch|Kokosmilch light
coconut-cream	Kokoscreme	Kokossahne|Kokosnusscreme|Kokosrahm
creamed-coconut	Kokosmus (Block)	Kokosmus|Kokosnussmus
coconut-milk-powder	Kokosmilchpulver	Kokosmilch-Pulver
condensed-coconut-milk	gezuckerte Kokoskondensmilch	Kokos-Kondensmilch|kondensierte Kokosmilch
plant-double-cream	vegane Schlagcreme	pflanzliche Schlagsahne|vegane Sahne|vegane Schlagsahne|Sojasahne aufschlagbar|pflanzliche Sahne
soy-yogurt	Sojajoghurt	Soja-Joghurt|Sojagurt|Joghurtalternative Soja
coconut-yogurt	Kokosjoghurt	Kokos-Joghurt|Kokosjoghurtalternative
vegan-buttermilk	vegane Buttermilch	Sojamilch mit Essig|pflanzliche Buttermilch
vegan-cream-cheese	veganer Frischkäse	pflanzlicher Frischkäse|veganen Frischkäse|Frischkäsealternative
oat-cream	Hafercreme	Hafersahne|Haferkochsahne
baking-soda	Natron	Speisenatron|Backsoda|Natriumhydrogencarbonat|Haushaltsnatron|Natrons|Speisesoda|Natriumbikarbonat
baking-powder	Backpulver, doppelt wirkend (USA)	amerikanisches Backpulver|doppelt wirkendes Backpulver
aluminium-free-baking-powder	phosphatbasiertes Backpulver (Monocalciumphosphat)	aluminiumfreies Backpulver|Backpulver mit Monocalciumphosphat
uk-baking-powder	Backpulver	Backpulvers|Back-Pulver|Backtriebmittel
tartrate-baking-powder	Weinsteinbackpulver	Weinstein-Backpulver|Reinweinsteinbackpulver|Backpulver mit Weinstein|phosphatfreies Backpulver
low-sodium-baking-powder	natriumarmes Backpulver	natriumfreies Backpulver|kochsalzarmes Backpulver
potassium-bicarbonate	Kaliumhydrogencarbonat	Kaliumbikarbonat|Kaliumbicarbonat
bakers-ammonia	Hirschhornsalz	ABC-Trieb|Ammoniumhydrogencarbonat|Hirschhorn-Salz
monocalcium-phosphate	Monocalciumphosphat	Calciumdihydrogenphosphat|Monokalziumphosphat
sapp	Natriumpyrophosphat (sauer)	saures Natriumpyrophosphat|Dinatriumdihydrogendiphosphat|E 450i
glucono-delta-lactone	Glucono-delta-Lacton	GdL|Gluconolacton
instant-yeast	Trockenhefe	Trockenbackhefe|Instanthefe|Instant-Hefe|Trocken-Hefe|Hefe trocken|Trockengerm
active-dry-yeast	aktive Trockenhefe	Aktivtrockenhefe|Trockenhefe zum Anrühren
fresh-yeast	frische Hefe	Hefe|Frischhefe|Backhefe|Germ|Hefewürfel|Würfelhefe|frischer Germ|frischen Hefe
sourdough-discard	Sauerteigrest	Sauerteig|Sauerteigansatz|Anstellgut|Sauerteigreste
white-vinegar	weißer Tafelessig (5 %)	Essig|Tafelessig|Branntweinessig|Haushaltsessig|heller Essig|Speiseessig|Brandweinessig
cider-vinegar	Apfelessig	Apfel-Essig|Obstessig
malt-vinegar	Malzessig	Malz-Essig
white-wine-vinegar	Weißweinessig	Weinessig|Weißwein-Essig|heller Weinessig
rice-vinegar	Reisessig	Reis-Essig
balsamic-vinegar	Balsamico	Balsamicoessig|Aceto balsamico|Balsamessig
lemon-juice	Zitronensaft	Saft einer Zitrone|Zitronensafts|Saft von 1 Zitrone|frisch gepresster Zitronensaft|Zitronen-Saft|Saft einer halben Zitrone|Saft von Zitrone
lime-juice	Limettensaft	Saft einer Limette|Limonensaft|Saft von 1 Limette
cream-of-tartar	Weinstein	Cremor Tartari|Weinsteinpulver|gereinigter Weinstein|Kaliumhydrogentartrat
tartaric-acid	Weinsäure	Weinsteinsäure
citric-acid	Zitronensäure	Citronensäure|Zitronensäurepulver
malic-acid	Apfelsäure	Äpfelsäure
lactic-acid	Milchsäure (80 %)	Milchsäure
ascorbic-acid	Ascorbinsäure	Vitamin C|Vitamin-C-Pulver
amchur	Mangopulver	Amchur|Amchoor|getrocknetes Mangopulver
tamarind-paste	Tamarindenpaste	Tamarinde|Tamarindenmus
table-salt	Salz	Speisesalz|Kochsalz|Tafelsalz|Jodsalz|Salzes|feines Salz
fine-sea-salt	feines Meersalz	Meersalz|Meersalz fein
kosher-salt	koscheres Salz (leichte Flocken)	koscheres Salz|Koscher-Salz
kosher-salt-dense	koscheres Salz (dicht)	dichtes koscheres Salz
flaky-sea-salt	Meersalzflocken	Salzflocken|Fleur de Sel|Flockensalz
coarse-sea-salt	grobes Meersalz	grobes Salz|Meersalz grob
pink-salt	rosa Steinsalz	Himalayasalz|Himalaya-Salz|Steinsalz
reduced-sodium-salt	natriumreduziertes Salz	Diätsalz|Kochsalzersatz
black-salt	Kala Namak	schwarzes Salz|indisches Schwarzsalz|Schwefelsalz
ground-cinnamon	Zimt	gemahlener Zimt|Zimtpulver|Ceylonzimt|Ceylon-Zimt|gemahlenen Zimt|Zimt gemahlen|Zimts|Zimtstange|Zimtstangen
ground-nutmeg	Muskatnuss, gemahlen	Muskat|Muskatnuss|geriebene Muskatnuss|gemahlene Muskatnuss|Muskatpulver|frisch geriebene Muskatnuss
ground-ginger	Ingwerpulver	gemahlener Ingwer|Ingwer gemahlen|gemahlenen Ingwer
ground-cloves	gemahlene Nelken	Nelken|Nelkenpulver|gemahlene Gewürznelken|Gewürznelken|Nelke|Nelken gemahlen|Gewürznelke
ground-allspice	Piment	gemahlener Piment|Pimentpulver|Nelkenpfeffer
ground-cardamom	Kardamom	gemahlener Kardamom|Kardamompulver|Kardamomkapseln|Kardamon
ground-mace	Macis	Muskatblüte|gemahlene Muskatblüte|Macispulver
mixed-spice	süße Gewürzmischung (britisch)	Kuchengewürz|Backgewürz
pumpkin-pie-spice	Kürbiskuchengewürz	Kürbisgewürz|Pumpkin-Spice-Gewürz
gingerbread-spice	Lebkuchengewürz	Lebkuchen-Gewürz|Pfefferkuchengewürz|Spekulatiusgewürz|Neunerlei|Printengewürz
chai-masala	Chai-Gewürz	Chaigewürz|Chai-Masala|Teegewürz Chai
five-spice	Fünf-Gewürze-Pulver	Fünfgewürzpulver|Fünf-Gewürz-Pulver
star-anise	Sternanis	gemahlener Sternanis|Sternanise
anise-seed	Anis	Anissamen|gemahlener Anis|Aniskörner|Anispulver
fennel-seed	Fenchelsamen	Fenchelsaat
caraway-seed	Kümmel	Kümmelsamen|gemahlener Kümmel|ganzer Kümmel
cumin	Kreuzkümmel	Cumin|gemahlener Kreuzkümmel|Kumin
ground-coriander	gemahlener Koriander	Koriandersamen|Korianderpulver|Koriander gemahlen|gemahlene Koriandersamen
turmeric	Kurkuma	Gelbwurz|Kurkumapulver|gemahlene Kurkuma
black-pepper	schwarzer Pfeffer	Pfeffer|gemahlener Pfeffer|Pfeffers|schwarzen Pfeffer|frisch gemahlener Pfeffer
cayenne	Cayennepfeffer	Cayenne-Pfeffer|Chilipulver
chilli-flakes	Chiliflocken	Chili-Flocken|getrocknete Chiliflocken
paprika	Paprikapulver edelsüß	Paprikapulver|edelsüßes Paprikapulver|Paprika edelsüß|Paprika rosenscharf
mustard-powder	Senfpulver	Senfmehl|gemahlener Senf
ajwain	Ajowan	Ajwain|Ajowansamen|Königskümmel
nigella-seed	Schwarzkümmel	Schwarzkümmelsamen|Nigella
saffron	Safran	Safranfäden|Safranpulver|gemahlener Safran
dried-rosemary	getrockneter Rosmarin	Rosmarin|Rosmarinnadeln|gerebelter Rosmarin
dried-mixed-herbs	getrocknete Kräutermischung	italienische Kräuter|getrocknete Kräuter|Kräuter der Provence|gemischte Kräuter
garlic-powder	Knoblauchpulver	Knoblauchgranulat
onion-powder	Zwiebelpulver	Zwiebelgranulat
fresh-ginger	frischer Ingwer	Ingwer|Ingwerknolle|geriebener Ingwer|frischen Ingwer|Ingwerwurzel
banana	Banane	Bananen|reife Banane|reife Bananen|überreife Bananen|zerdrückte Banane|sehr reife Bananen|Bananenmus
apple	Apfel	Äpfel|Äpfeln|Tafelapfel|Tafeläpfel|geriebener Apfel|süße Äpfel|Aepfel
cooking-apple	säuerlicher Apfel	säuerliche Äpfel|Backäpfel|Kochapfel|Boskop|Boskoop|saure Äpfel|Backapfel|säuerlichen Äpfel
blueberries	Heidelbeeren	Blaubeeren|Heidelbeere|Blaubeere|frische Heidelbeeren|TK-Heidelbeeren|Schwarzbeeren|frische Blaubeeren|TK-Blaubeeren
raspberries	Himbeeren	Himbeere|TK-Himbeeren|frische Himbeeren|gefrorene Himbeeren
strawberries	Erdbeeren	Erdbeere|frische Erdbeeren|TK-Erdbeeren
blackberries	Brombeeren	Brombeere|TK-Brombeeren
sweet-cherries	Süßkirschen	Kirschen|Kirsche|Süßkirsche|Herzkirschen
sour-cherries	Sauerkirschen	Schattenmorellen|Sauerkirsche|Weichseln|entsteinte Sauerkirschen|Kirschen aus dem Glas|Sauerkirschen aus dem Glas
cranberries	frische Cranberrys	frische Cranberries|Moosbeeren|TK-Cranberrys
peach	Pfirsich	Pfirsiche|Pfirsichen|frische Pfirsiche
canned-peaches	Pfirsiche aus der Dose	Dosenpfirsiche|Pfirsichhälften|Pfirsiche (Dose)|Pfirsich aus der Dose
nectarine	Nektarine	Nektarinen
apricot	Aprikose	Aprikosen|Marille|Marillen|frische Aprikosen
plum	Pflaume	Pflaumen|Zwetschge|Zwetschgen|Zwetschke|Zwetschken|Zwetsche|Zwetschen
pear	Birne	Birnen|reife Birnen
orange	Orange	Orangen|Apfelsine|Apfelsinen|Bio-Orange|Bio-Orangen|unbehandelte Orange|unbehandelte Orangen
lemon	Zitrone	Zitronen|Bio-Zitrone|Bio-Zitronen|unbehandelte Zitrone|unbehandelte Zitronen
lime	Limette	Limetten|Bio-Limette|Bio-Limetten|Limone|unbehandelte Limette
lemon-zest	Zitronenabrieb	Zitronenschale|abgeriebene Zitronenschale|Zitronenzesten|geriebene Zitronenschale|Abrieb einer Zitrone|Schale einer Zitrone|abgeriebene Schale einer Zitrone|Schale von 1 Zitrone|Abrieb von 1 Zitrone|Abrieb von Zitrone|abgeriebene Schale von 1 Zitrone
orange-zest	Orangenabrieb	Orangenschale|abgeriebene Orangenschale|Orangenzesten|geriebene Orangenschale|Abrieb einer Orange|Schale einer Orange|Abrieb von 1 Orange|Schale von 1 Orange
lime-zest	Limettenabrieb	Limettenschale|abgeriebene Limettenschale|Abrieb einer Limette
mango	Mango	Mangos|frische Mango|Mangofruchtfleisch
pineapple	Ananas	frische Ananas|Ananasstücke|Ananasse
crushed-pineapple	zerkleinerte Ananas aus der Dose	Ananas aus der Dose|Dosenananas|Ananas (Dose)|Ananasstücke aus der Dose
gooseberries	Stachelbeeren	Stachelbeere
blackcurrants	schwarze Johannisbeeren	schwarze Ribisel|Cassis|Cassisbeeren
redcurrants	rote Johannisbeeren	Johannisbeeren|Johannisbeere|Ribisel|Ribiseln|Träuble
mixed-berries	TK-Beerenmischung	Beerenmischung|gemischte Beeren|Beeren|TK-Beeren|Beerenmix|gefrorene Beeren
grapes	Weintrauben	Trauben|kernlose Trauben|Traube|Weintraube|kernlose Weintrauben
fresh-fig	frische Feige	frische Feigen
kiwifruit	Kiwi	Kiwis|Kiwifrucht
persimmon-pulp	Kakifruchtfleisch	Kaki|Kakis|Sharon|Persimone
passion-fruit-pulp	Passionsfruchtmark	Passionsfrucht|Maracuja|Maracujas|Passionsfrüchte|Maracujamark
avocado	Avocado	Avocados|reife Avocado
applesauce	Apfelmark	ungesüßtes Apfelmus|Apfelmus ungesüßt|Apfelmus|Apfelpüree|Apfelmarks
apple-butter	Apfelkraut	Apfelbutter
pumpkin-puree	Kürbispüree	Kürbismus|Kürbis-Püree
pumpkin-pie-filling	Kürbiskuchenfüllung	gesüßte Kürbisfüllung
date-puree	Dattelmus	Dattelpaste|Dattelpüree
prune-puree	Pflaumenpüree	Backpflaumenmus|Trockenpflaumenpüree
mango-pulp	gesüßtes Mangopüree (Dose)	Mangopulpe|Mangopüree|Mangomark
raspberry-puree	Himbeerpüree	Himbeermark
cranberry-sauce	Cranberrysauce	Cranberrysoße|Preiselbeeren aus dem Glas|Wildpreiselbeeren
strawberry-jam	Erdbeerkonfitüre	Erdbeermarmelade|Erdbeerfruchtaufstrich
raspberry-jam	Himbeerkonfitüre	Himbeermarmelade|Himbeerfruchtaufstrich
apricot-jam	Aprikosenkonfitüre	Aprikosenmarmelade|Marillenmarmelade|Marillenkonfitüre
orange-marmalade	Orangenmarmelade	Orangenkonfitüre|Bitterorangenmarmelade
redcurrant-jelly	Johannisbeergelee	rotes Johannisbeergelee|Ribiselgelee
lemon-curd	Zitronencreme (Curd)	Lemon Curd|Zitronencurd
cherry-pie-filling	Kirschfüllung	Kirschgrütze|angedickte Kirschen
fruit-compote-apple	Apfelkompott	Apfelkompotts|geschmorte Äpfel
raisins	Rosinen	Rosine|dunkle Rosinen
golden-raisins	Sultaninen	Sultanine|helle Rosinen
currants	Korinthen	Korinthe
mixed-dried-fruit	Trockenfrüchtemischung	gemischte Trockenfrüchte|Trockenfrüchte|Dörrobst|Backobst|gemischtes Trockenobst
dates	Datteln	getrocknete Datteln|entsteinte Datteln|Dattel|Datteln ohne Stein
medjool-dates	Medjool-Datteln	Medjoul-Datteln|Medjooldatteln
dried-apricots	getrocknete Aprikosen	Trockenaprikosen|Softaprikosen|Soft-Aprikosen|getrocknete Marillen
dried-cranberries	getrocknete Cranberrys	getrocknete Cranberries|Cranberrys|Cranberries|getrocknete Preiselbeeren
prunes	Trockenpflaumen	Backpflaumen|getrocknete Pflaumen|Softpflaumen|Dörrpflaumen|Dörrzwetschken
dried-figs	getrocknete Feigen	Feigen|Trockenfeigen|Feige|Softfeigen
dried-cherries	getrocknete Sauerkirschen	getrocknete Kirschen|Trockenkirschen
dried-blueberries	getrocknete Heidelbeeren	getrocknete Blaubeeren
dried-apple	getrocknete Apfelringe	Apfelringe|getrocknete Äpfel|Trockenäpfel
dried-mango	getrocknete Mango	Trockenmango
banana-chips	Bananenchips	Bananen-Chips
freeze-dried-raspberries	gefriergetrocknete Himbeeren	Himbeerpulver
freeze-dried-strawberries	gefriergetrocknete Erdbeeren	Erdbeerpulver
candied-mixed-peel	Zitronat und Orangeat (gemischt)	Orangeat und Zitronat|gemischte kandierte Zitrusschalen|kandierte Zitrusschale
candied-orange-peel	Orangeat	kandierte Orangenschale|Arancini
candied-lemon-peel	kandierte Zitronenschale	Zitronenschale kandiert
candied-citron	Zitronat	Succade|Sukkade|Cedrat
glace-cherries	Belegkirschen	kandierte Kirschen|rote Belegkirschen|kandierte Kirsche
maraschino-cherries	Cocktailkirschen	Maraschinokirschen|Cocktailkirsche
crystallised-ginger	kandierter Ingwer	kandierten Ingwer|Ingwer kandiert|Ingwerwürfel
stem-ginger	Ingwer in Sirup	eingelegter Ingwer|Ingwerpflaumen
tutti-frutti	kandierte Papayawürfel	Tuttifrutti|kandierte Papaya|kandierte Früchte
glace-pineapple	kandierte Ananas	Ananas kandiert
angelica	kandierte Angelika	Angelika|Engelwurz kandiert
mincemeat	englische Früchtefüllung (Mincemeat)	Mincemeat|Mince-Pie-Füllung
carrot	Möhre	Möhren|Karotte|Karotten|geriebene Möhren|geraspelte Möhren|Mohrrüben|Rüebli|geraspelte Karotten|geriebene Karotten|gelbe Rüben|Mohrrübe
zucchini	Zucchini	Zucchinis|Zucchetti|geraspelte Zucchini|Zucchino
beet	Rote Bete, gekocht	Rote Bete|Rote Beete|gekochte Rote Bete|Randen|Rote Rübe|Rote Rüben|vorgegarte Rote Bete
sweet-potato-puree	Süßkartoffelpüree	gekochte Süßkartoffel|Süßkartoffel|Süßkartoffeln|Süßkartoffelmus
mashed-potato	gestampfte gekochte Kartoffeln	gekochte Kartoffeln|Kartoffelpüree|durchgepresste Kartoffeln|Pellkartoffeln|Kartoffeln|Kartoffel
butternut-squash-puree	Hokkaido- oder Butternusspüree	Butternusspüree|Hokkaidopüree|gekochter Kürbis|Hokkaido|Hokkaidokürbis|Kürbisfleisch|Butternut-Kürbis|Kürbis
rhubarb	Rhabarber	Rhabarberstange|Rhabarberstangen|Rhabarbers
parsnip	Pastinake	Pastinaken|geriebene Pastinake
sweetcorn	Mais	Maiskörner|Zuckermais|Gemüsemais|Dosenmais|Kukuruz
creamed-corn	Maiscreme aus der Dose	Rahmmais|cremiger Mais
onion	Zwiebel	Zwiebeln|Gemüsezwiebel|Haushaltszwiebel
scallion	Frühlingszwiebel	Frühlingszwiebeln|Lauchzwiebel|Lauchzwiebeln|Jungzwiebel
chives	Schnittlauch	Schnittlauchröllchen|Schnittlauchs
garlic	Knoblauch	Knoblauchzehe|Knoblauchzehen|Zehe Knoblauch|Zehen Knoblauch
spinach	Spinat	Blattspinat|TK-Spinat|Babyspinat|Spinats
jalapeno	Jalapeño	Jalapeno|grüne Chili|Jalapeños|Chilischote|Peperoni
bell-pepper	rote Paprika	Paprikaschote|Paprikaschoten|rote Paprikaschote|Paprika|Paprikas
sun-dried-tomatoes	getrocknete Tomaten in Öl	getrocknete Tomaten|eingelegte getrocknete Tomaten
olives	Oliven ohne Stein	Oliven|Olive|entsteinte Oliven|schwarze Oliven|grüne Oliven
black-beans	schwarze Bohnen (Dose)	schwarze Bohnen
canned-chickpeas	Kichererbsen (Dose)	Kichererbsen|Kichererbse
tomato-puree	Tomatenmark	Tomatenmarks|dreifach konzentriertes Tomatenmark
tomato-soup	Tomatensuppe (Konzentrat)	Tomatensuppe
almonds	ganze Mandeln	Mandeln|Mandel|Mandelkerne|ungeschälte Mandeln|blanchierte Mandeln|gehackte Mandeln|geschälte Mandeln|Mandeln gehackt
flaked-almonds	Mandelblättchen	gehobelte Mandeln|Mandelblätter|Mandeln gehobelt|Mandelplättchen
slivered-almonds	Mandelstifte	Mandelsplitter|gestiftelte Mandeln|Mandeln gestiftelt
walnuts	Walnüsse	Walnuss|Walnusskerne|gehackte Walnüsse|Walnusshälften|Baumnüsse|gehackte Walnusskerne
pecans	Pekannüsse	Pekannuss|Pecannüsse|Pekannusskerne|gehackte Pekannüsse
hazelnuts	Haselnüsse	Haselnuss|Haselnusskerne|gehackte Haselnüsse|Nüsse|gehackte Nüsse|ganze Haselnüsse
pistachios	Pistazien	Pistazie|Pistazienkerne|gehackte Pistazien
cashews	Cashewkerne	Cashews|Cashewnüsse|Cashewnuss|Cashewkern
macadamias	Macadamianüsse	Macadamia|Macadamias|Macadamianuss
brazil-nuts	Paranüsse	Paranuss|Paranusskerne
pine-nuts	Pinienkerne	Pinienkern|Pignoli
peanuts	Erdnüsse	Erdnuss|ungesalzene Erdnüsse|Erdnusskerne
cooked-chestnuts	gegarte Maronen	Maronen|Esskastanien|Kastanien|vorgegarte Maronen|Marroni|Maroni
sunflower-seeds	Sonnenblumenkerne	Sonnenblumenkern
pumpkin-seeds	Kürbiskerne	Kürbiskern
sesame-seeds	Sesam	Sesamsamen|Sesamsaat|heller Sesam
poppy-seeds	Mohn	Mohnsamen|Blaumohn|gemahlener Mohn|Mohns|Dampfmohn|Graumohn
ground-flaxseed	geschrotete Leinsamen	Leinsamen geschrotet|gemahlene Leinsamen|Leinsamenschrot
flaxseed	Leinsamen	ganze Leinsamen|Goldleinsamen|Leinsaat
chia-seeds	Chiasamen	Chia-Samen|Chia
hemp-seeds	geschälte Hanfsamen	Hanfsamen|Hanfherzen
mixed-seeds	gemischte Kerne und Saaten	Kernemischung|Körnermischung|Salatkernmischung|gemischte Kerne|Saatenmix
desiccated-coconut	Kokosraspel	Kokosflocken|Kokosraspeln|Kokosette|geraspelte Kokosnuss|Kokosnussraspel
sweetened-shredded-coconut	gesüßte Kokosraspel	gezuckerte Kokosraspel
coconut-flakes	Kokoschips	Kokosnusschips|Kokosstreifen
fresh-coconut	frisch geriebene Kokosnuss	Kokosnuss|frische Kokosnuss|Kokosfleisch
peanut-butter	Erdnussbutter	Erdnussmus|Erdnusscreme|cremige Erdnussbutter
almond-butter	Mandelmus	Mandelbutter|weißes Mandelmus|braunes Mandelmus
cashew-butter	Cashewmus	Cashewbutter
sunflower-seed-butter	Sonnenblumenkernmus	Sonnenblumenmus
tahini	Tahin	Tahini|Sesammus|Sesampaste
hazelnut-praline-paste	Nougatpaste	Haselnuss-Pralinenpaste|Haselnuss-Krokantmasse|Pralinémasse|Haselnussmus|Nuss-Nougat|Nougat|Nussnougat
pistachio-paste	Pistazienpaste	Pistaziencreme|Pistazienmus
natural-cocoa	Natur-Kakaopulver (schwach sauer)	nicht alkalisierter Kakao|Naturkakao|Rohkakao|rohes Kakaopulver
dutch-cocoa	Backkakao	Kakao|Kakaopulver|Kakaos|ungesüßter Kakao|stark entöltes Kakaopulver|Back-Kakao|ungesüßtes Kakaopulver|schwach entöltes Kakaopulver|Kakao zum Backen|alkalisiertes Kakaopulver
black-cocoa	schwarzer Kakao	schwarzes Kakaopulver
drinking-chocolate	Trinkschokoladenpulver	Trinkschokolade|Kakaogetränkepulver|Kakao-Getränkepulver|Instantkakao
unsweetened-chocolate	Schokolade 100 %	Kakaomasse|100 % Kakao Schokolade|Blockschokolade ungesüßt
dark-chocolate-70	Zartbitterschokolade 70 %	dunkle Schokolade 70 %|Schokolade 70 %|Bitterschokolade|Edelbitterschokolade|Herbe Schokolade|Schokolade (70 % Kakao)
bittersweet-chocolate	Zartbitterschokolade	dunkle Schokolade|Halbbitterschokolade|Schokolade|Zartbitterkuvertüre|Zartbitter-Schokolade|Kuvertüre|Kuvertüre zartbitter|dunkle Kuvertüre|Blockschokolade|Zartbitter-Kuvertüre|Kochschokolade|geraspelte Schokolade|Schokoraspel|Raspelschokolade|Zartbitter
semisweet-chocolate-chips	Schokotropfen	Schokoladentropfen|Schokotröpfchen|Schoko-Tropfen|Schokoladentröpfchen|Schokodrops|backfeste Schokotropfen|Schokochips|Schokostückchen|Zartbitter-Schokotropfen
milk-chocolate	Vollmilchschokolade	Milchschokolade|Vollmilchkuvertüre|Vollmilch-Kuvertüre|Vollmilch-Schokolade
white-chocolate	weiße Schokolade	weisse Schokolade|weiße Kuvertüre|weißen Schokolade
vegan-chocolate-chips	vegane Schokotropfen	milchfreie Schokotropfen|vegane Schokolade|vegane Schokodrops
cocoa-nibs	Kakaonibs	Kakao-Nibs|Kakaobohnensplitter
cocoa-butter	Kakaobutter	Kakao-Butter
carob-powder	Carobpulver	Johannisbrotpulver|Carob|Karobpulver
chocolate-hazelnut-spread	Nuss-Nougat-Creme	Nussnougatcreme|Nougatcreme|Schokoaufstrich|Haselnusscreme|Schokocreme
chocolate-sprinkles	Schokostreusel	Schokoladenstreusel|Schoko-Streusel
compound-coating	kakaohaltige Fettglasur	Kuchenglasur|Fettglasur|Schokoladenglasur|Kuchenglasur dunkel|Schokoglasur
vanilla-extract	Vanilleextrakt	Vanille-Extrakt|Vanilleessenz|Vanilleextrakts
vanilla-essence	Vanillearoma	Vanille-Aroma|Butter-Vanille-Aroma|Vanille-Backaroma|Fläschchen Vanillearoma|Backaroma Vanille|Butter-Vanillearoma
vanilla-paste	Vanillepaste	Vanille-Paste
vanilla-bean	Vanilleschote	gemahlene Vanille|Vanilleschoten|Mark einer Vanilleschote|Vanillemark|Vanille|Mark von 1 Vanilleschote|Vanillestange
almond-extract	Bittermandelaroma	Bittermandel-Aroma|Bittermandelöl|Mandelaroma|Mandelextrakt|Backaroma Bittermandel
lemon-extract	Zitronenextrakt	Zitronenaroma|Zitronen-Aroma|Backaroma Zitrone|Zitronen-Backaroma
lemon-oil	Zitronenöl	Zitronenschalenöl
peppermint-extract	Pfefferminzextrakt	Pfefferminzaroma|Minzaroma|Minzextrakt
maple-extract	Ahornaroma	Ahornextrakt
rum-extract	Rumaroma	Rum-Aroma|Rum-Backaroma|Backaroma Rum|Fläschchen Rumaroma
coconut-extract	Kokosaroma	Kokosextrakt
pandan-extract	Pandanextrakt	Pandanaroma|Pandan
rose-water	Rosenwasser	Rosenwassers
orange-blossom-water	Orangenblütenwasser	Orangenblüten-Wasser
espresso-powder	Instant-Espressopulver	Espressopulver|Instantkaffee|Kaffeepulver löslich|lösliches Kaffeepulver|Instant-Kaffeepulver|löslicher Kaffee|Instant-Espresso
matcha	Matcha	Matchapulver|Matcha-Pulver|Matchatee
liquid-food-colouring	flüssige Lebensmittelfarbe	Lebensmittelfarbe|Speisefarbe|rote Lebensmittelfarbe
gel-food-colouring	Lebensmittelfarbe (Gel)	Gel-Lebensmittelfarbe|Farbpaste|Gelfarbe|Lebensmittelfarbpaste
dried-lavender	getrocknete Lavendelblüten	Lavendel|Lavendelblüten
miso	helles Miso	Miso|Misopaste|weißes Miso
yeast-extract	Hefeextrakt	Hefeaufstrich|Würzpaste aus Hefe
dark-rum	brauner Rum	Rum|dunkler Rum|Rums|braunen Rum
brandy	Weinbrand	Brandy|Cognac|Kognak
whiskey	Whisky	Whiskey|Bourbon
vodka	Wodka	Vodka
kirsch	Kirschwasser	Kirsch|Kirschbrand|Kirschgeist
orange-liqueur	Orangenlikör	Orangen-Likör|Triple Sec
almond-liqueur	Mandellikör	Amaretto|Mandel-Likör
coffee-liqueur	Kaffeelikör	Kaffee-Likör
cream-liqueur	Sahnelikör	Whisky-Sahne-Likör|Creamlikör|irischer Sahnelikör
sherry	Sherry	Sherrys|süßer Sherry
port	Portwein	Port|roter Portwein
red-wine	Rotwein	Rotweins|roter Wein
white-wine	Weißwein	Weisswein|weißer Wein
sparkling-wine	Sekt	Schaumwein|Prosecco|Perlwein
lager	Bier	helles Bier|Lager|Pils|Lagerbier|Pilsener|Bieres
stout	Stout	dunkles Bier|Schwarzbier|Malzstout
hard-cider	Apfelwein	Cidre|Cider|Most|Apfelmost vergoren
water	Wasser	Leitungswasser|lauwarmes Wasser|heißes Wasser|kaltes Wasser|warmes Wasser|kochendes Wasser|Wassers|heisses Wasser|Eiswasser
brewed-coffee	gebrühter Kaffee	Kaffee|starker Kaffee|Filterkaffee|kalter Kaffee|starken Kaffee|heißer Kaffee
espresso	Espresso	Espressos|gebrühter Espresso|frischer Espresso
black-tea	Schwarztee	schwarzer Tee|Tee|starker schwarzer Tee|schwarzen Tee
orange-juice	Orangensaft	Orangensafts|Saft einer Orange|Saft von 1 Orange|frisch gepresster Orangensaft|O-Saft
apple-juice	Apfelsaft	Apfelsafts|naturtrüber Apfelsaft
boiled-cider	Apfeldicksaft	Apfelsaftkonzentrat|Apfelsirup
pineapple-juice	Ananassaft	Ananas-Saft
cranberry-juice	Cranberrysaftgetränk	Cranberrysaft|Preiselbeersaft
pomegranate-juice	Granatapfelsaft	Granatapfel-Saft
tomato-juice	Tomatensaft	Tomaten-Saft
coconut-water	Kokoswasser	Kokosnusswasser
lemonade	Zitronenlimonade	Limonade|Limo|weiße Limonade|Orangenlimonade
cola	Cola	Kola|Colas
ginger-ale	Ginger Ale	Ingwerlimonade|Ingwerbier|Ginger Beer
sparkling-water	Mineralwasser mit Kohlensäure	Mineralwasser|Sprudel|Sprudelwasser|kohlensäurehaltiges Mineralwasser|Sodawasser
vegetable-stock	Gemüsebrühe	Brühe|Gemüsefond|Gemüsesuppe klar|Bouillon
cheddar	Cheddar	geriebener Käse|Käse|Cheddars|geriebener Cheddar|Reibekäse|Gouda|geriebener Gouda
parmesan	Hartkäse (nach Parmesanart), gerieben	Parmesan|geriebener Parmesan|Parmigiano|Hartkäse|Grana
gruyere	Greyerzer	Gruyère|Gruyere|Bergkäse|Emmentaler|geriebener Emmentaler
mozzarella	Mozzarella (gerieben)	Mozzarella|geriebener Mozzarella
feta	Feta	Fetakäse|Schafskäse|Schafkäse|Hirtenkäse
goat-cheese	Ziegenfrischkäse	Ziegenkäse|weicher Ziegenkäse
blue-cheese	Blauschimmelkäse	Gorgonzola|Blauschimmel|Roquefort|Edelpilzkäse
cream-cheese	Frischkäse (Doppelrahmstufe)	Frischkäse|Doppelrahmfrischkäse|Rahmfrischkäse|Frischkäse natur|Doppelrahm-Frischkäse
light-cream-cheese	Frischkäse fettreduziert	leichter Frischkäse|fettarmer Frischkäse|fettreduzierter Frischkäse|Frischkäse light
mascarpone	Mascarpone	Mascarpones|Mascarpone-Käse
ricotta	Ricotta	Ricottas|Ricotta-Käse
cottage-cheese	körniger Frischkäse	Hüttenkäse|Cottage Cheese|körnigen Frischkäse
paneer	Paneer	Panir|indischer Frischkäse
vegan-cheese	veganer Käse	veganer Reibekäse|pflanzlicher Käse|Käsealternative
nutritional-yeast	Hefeflocken	Nährhefe|Edelhefeflocken|Würzhefeflocken
bacon	gebratener Speck	Speck|Frühstücksspeck|Bacon|Speckwürfel|Schinkenspeck
ham	Kochschinken	Schinken|gekochter Schinken|Schinkenwürfel
smoked-salmon	Räucherlachs	geräucherter Lachs|Lachs geräuchert
prepared-mustard	mittelscharfer Senf	Senf|Dijonsenf|Dijon-Senf|scharfer Senf|Tafelsenf
soy-sauce	Sojasauce	Sojasoße|Sojasosse
worcestershire-sauce	Worcestersauce	Worcestershiresauce|Worcestersoße|Worcestershire-Sauce
pesto	Basilikumpesto	Pesto|grünes Pesto|Pesto Genovese
xanthan-gum	Xanthan	Xanthangummi
guar-gum	Guarkernmehl	Guar
locust-bean-gum	Johannisbrotkernmehl	Carubin
psyllium-husk	Flohsamenschalen	ganze Flohsamenschalen
psyllium-powder	Flohsamenschalenpulver	gemahlene Flohsamenschalen|Flohsamenpulver
gelatin-powder	gemahlene Gelatine	Gelatinepulver|Pulvergelatine|Gelatine gemahlen
gelatin-leaf	Blattgelatine	Gelatine|Blatt Gelatine|Gelatineblätter|Gelatineblatt|Blätter Gelatine|weiße Gelatine
agar	Agar-Agar	Agar|Agar-Agar-Pulver
pectin-powder	Pektinpulver	Pektin|Apfelpektin|Geliermittel
methylcellulose	Methylcellulose	Methylzellulose
cmc-powder	CMC-Pulver	Carboxymethylcellulose|CMC
lecithin	Sonnenblumenlecithin	Lecithin|Lezithin
inulin	Inulin	Inulinpulver
glycerin	Lebensmittelglycerin	Glycerin|Glyzerin
pea-protein	Erbsenproteinpulver	Erbsenprotein|Erbseneiweiß
whey-protein	Molkenproteinpulver	Molkenprotein|Molkeneiweiß|Whey-Protein|Proteinpulver|Eiweißpulver|Wheypulver
marzipan	Marzipan	Modelliermarzipan|Marzipandecke|angewirktes Marzipan
almond-paste	Marzipanrohmasse	Marzipan-Rohmasse|Rohmarzipan|Rohmasse|Marzipanrohmassen
fondant	Rollfondant	Fondant|Zuckermasse|Dekorfondant|Tortendecke
royal-icing-mix	Eiweißspritzglasur (Pulver)	Royal-Icing-Mischung|Royal Icing|Spritzglasurpulver
vanilla-buttercream	fertige Vanille-Buttercreme	Buttercreme|Vanillebuttercreme
chocolate-frosting	fertiges Schokoladenfrosting	Schokoladenfrosting|Schoko-Frosting
marshmallows	Marshmallows	Marshmallow|Mini-Marshmallows|Mäusespeck
marshmallow-creme	Marshmallowcreme	Marshmallow-Creme
toffee-bits	Toffeestückchen	Toffeesplitter|Karamellsplitter
soft-caramels	weiche Karamellbonbons	Karamellbonbons|Karamellen|Sahnekaramellen|Sahnebonbons|Toffees
sugar-sprinkles	bunte Zuckerstreusel	Zuckerstreusel|bunte Streusel|Liebesperlen|Nonpareilles|Streudekor
whipped-topping	gefrorenes Schlagcreme-Topping	Schlagcreme (TK)
whipped-topping-mix	Schlagcremepulver	Dessertcremepulver|Schlagschaumpulver
instant-pudding-mix	Puddingpulver ohne Kochen	Instant-Puddingpulver|Cremepulver ohne Kochen|Instantpudding
cream-stabiliser	Sahnesteif	Sahnefestiger|Sahnestandmittel|Sahne-Steif|Sahnefestigers
edible-glaze-neutral	neutrale Spiegelglasur	Spiegelglasur|neutraler Glanzguss|Glasurgelee
orange-extract	Orangenextrakt	Orangenaroma|Backaroma Orange
orange-oil	Orangenöl	Orangenschalenöl
kewra-water	Kewrawasser	Pandanusblütenwasser
ube-extract	Ube-Extrakt	Ube-Aroma
smoked-paprika	geräuchertes Paprikapulver	Räucherpaprika|Paprikapulver geräuchert|Pimentón
dried-thyme	getrockneter Thymian	Thymian|gerebelter Thymian
dried-oregano	getrockneter Oregano	Oregano|gerebelter Oregano
dried-fenugreek-leaf	getrocknete Bockshornkleeblätter	Bockshornkleeblätter|Kasuri Methi
parsley	frische Petersilie	Petersilie|glatte Petersilie|Petersilien
cilantro	frisches Koriandergrün	Koriandergrün|frischer Koriander|Korianderblätter
damsons	Damaszenerpflaumen	Kriechenpflaumen|Damaszenerpflaume|Haferpflaumen|Krieche
gin	Gin	Wacholderbrand
limoncello	Zitronenlikör	Limoncello|Zitronen-Likör
marsala	Marsala	Madeira|Marsalawein
red-wine-vinegar	Rotweinessig	Rotwein-Essig|dunkler Weinessig
fruit-salt	Fruchtsalz	Brausepulver (Fruchtsalz)
liquid-whey	Molke	frische Molke|Süßmolke|Sauermolke|Kurmolke
wheat-biscuit-cereal	Weizenvollkorn-Frühstückskissen	Weizen-Vollkornbiskuits|Weizenvollkornriegel
cornflakes	Cornflakes	Maisflocken|Corn Flakes
dry-breadcrumbs	Semmelbrösel	Paniermehl|Brösel|Semmelbröseln|Weckmehl|trockene Brotkrumen|Zwiebackbrösel
digestive-crumbs	Vollkornbutterkeks-Brösel	Butterkekse|Butterkeks|Vollkornkekse|Keksbrösel|zerbröselte Kekse|Kekse|Vollkornbutterkekse
matzo-cake-meal	Matzemehl	Mazzenmehl|Matzenmehl
cooked-rice	gekochter Reis	gekochten Reis|Reis gekocht
cooked-quinoa	gekochte Quinoa	gekochter Quinoa|Quinoa gekocht
puffed-rice	Puffreis	gepuffter Reis|Knusperreis
canned-pears	Birnen aus der Dose	Dosenbirnen|Birnenhälften|Birnen (Dose)
mandarin-segments	Mandarinen aus der Dose	Mandarinen|Dosenmandarinen|Mandarin-Orangen|Mandarinorangen|Mandarinen (Dose)|Mandarine
grapefruit	Grapefruit	Pampelmuse|Grapefruits
peanut-butter-chips	Erdnussbutter-Chips	Erdnussbuttertropfen|Erdnussbutterchips
honeycomb-candy	Honigwabentoffee	Wabentoffee|Schaumkaramell
prepared-custard	fertige Vanillesauce	Vanillesauce|Vanillesoße|Vanillepudding|fertiger Vanillepudding|Vanillesosse`;
