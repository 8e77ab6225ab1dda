// Made from core/tables/german/names.csv by scripts/tables.mjs: change the CSV and run `npm run tables`.
export const GERMAN_NAMES_TABLE = `name_de	aliases_de
Weizenmehl Type 405	Mehl|Weizenmehl|Weizenmehle|Mehl Type 405|405er Mehl|Weizenmehl 405|Haushaltsmehl|Weißmehl|weißes Mehl|helles Mehl|Weizenmehl Type 550|Mehl Type 550|Weizenmehl 550|550er Mehl|glattes Mehl|Mehl glatt|Universalmehl|Allzweckmehl|griffiges Mehl|Mehl griffig|doppelgriffiges Mehl|Weizenmehl Type 480|Weizenmehl Type 700|Weizenmehl W480|Weizenmehl W700|Mehls
kleberstarkes Weizenmehl	Brotmehl|backstarkes Mehl|Manitoba-Mehl|Manitobamehl|Pizzamehl|starkes Weizenmehl|Mehl mit hohem Eiweißgehalt
feines Kuchenmehl	Kuchenmehl|Biskuitmehl|Tortenmehl|extrafeines Weizenmehl|Weizenmehl Type 00|Mehl Type 00
Gebäckmehl (Weichweizen)	Gebäckmehl|Weichweizenmehl|Keksmehl|Mürbteigmehl
Mehl mit Backpulver und Salz	amerikanisches selbsttreibendes Mehl|gesalzenes selbsttreibendes Mehl
Mehl mit Backpulver	selbsttreibendes Mehl|backfertiges Mehl|Mehl mit Backpulverzusatz|Backmehl mit Backpulver
Weizenvollkornmehl	Vollkornmehl|Weizen-Vollkornmehl|Vollkornweizenmehl|Vollkorn-Weizenmehl|Weizenvollkornmehle|Vollkornmehle
kleberstarkes Weizenvollkornmehl	Vollkorn-Brotmehl|Vollkornbrotmehl
Weizenvollkornmehl mit Backpulver	Vollkornmehl mit Backpulver|selbsttreibendes Vollkornmehl
helles Weizenvollkornmehl	Weißweizen-Vollkornmehl|Vollkornmehl aus weißem Weizen|Gelbweizenvollkornmehl
feines Vollkorn-Kuchenmehl	feines Weizenvollkornmehl|fein gemahlenes Weizenvollkornmehl|Vollkornmehl fein
Grahammehl	Graham-Mehl|Weizenschrotmehl
Weizenvollkornschrot	Weizenschrot|Vollkornschrot|grobes Weizenvollkornmehl|grobes Vollkornmehl|Backschrot
Attamehl	Atta-Mehl|Chapatimehl|Chapati-Mehl|indisches Vollkornmehl
Weizenkleie	Kleie|Weizenkleien|Speisekleie
Kleie-Frühstückscerealien	Weizenkleie-Sticks|Kleiesticks|Kleieflocken
Weizenkeime	Weizenkeim|Weizenkeimen
Grieß (Hartweizen)	Grieß|Weizengrieß|Hartweizengrieß|Weichweizengrieß|Grießes
Hartweizenmehl	Hartweizengrieß fein|feiner Hartweizengrieß|Hartweizendunst|Semola|Semola rimacinata
Dinkelmehl Type 630	Dinkelmehl|Dinkelmehl 630|helles Dinkelmehl|Dinkelmehle|630er Dinkelmehl
Dinkelvollkornmehl	Dinkel-Vollkornmehl|Vollkorn-Dinkelmehl|Vollkorndinkelmehl
Einkornmehl	Einkornvollkornmehl|Einkorn-Mehl
Khorasanweizenmehl	Khorasan-Mehl|Khorasanmehl|Khorasan-Weizenmehl
Roggenmehl Type 815	helles Roggenmehl|Roggenmehl|Roggenmehl Type 997|Roggenmehl 997|Roggenmehl 815
Roggenvollkornmehl	dunkles Roggenmehl|Roggen-Vollkornmehl|Roggenmehl Type 1150|Roggenmehl 1150
Gerstenmehl	Gerstenvollkornmehl|Gersten-Mehl
Mehrkornmehl mit Malz	Malzmehrkornmehl|Mehrkornmehl|gemälztes Mehrkornmehl
Weizengluten	Gluten|Weizenkleber|Glutenpulver|Seitanmehl|Weizeneiweiß
Weizenstärke	Weizenpuder
kernige Haferflocken	Haferflocken kernig|Großblatt-Haferflocken|grobe Haferflocken|Haferflocken Großblatt|Vollkornhaferflocken
zarte Haferflocken	Haferflocken|Haferflocken zart|feine Haferflocken|Kleinblatt-Haferflocken|Schmelzflocken|Haferflocke
Hafergrütze	geschnittene Haferkörner|Haferkerne geschnitten
Haferschrot	mittelfeiner Haferschrot|Hafergrieß
Hafermehl	gemahlene Haferflocken|Hafer-Mehl
Haferkleie	Haferkleieflocken|Hafer-Kleie
glutenfreie Haferflocken	Haferflocken glutenfrei|glutenfreier Hafer
Müsli ungesüßt	Müsli|Müslimischung|Früchtemüsli|Nussmüsli|Müslis|Birchermüesli
Knuspermüsli	Granola|Crunchy-Müsli|Knusper-Müsli
glutenfreie Mehlmischung	glutenfreies Mehl|Mehl glutenfrei|glutenfreie Backmischung für Kuchen|glutenfreie Universalmehlmischung|glutenfreier Mehlmix
glutenfreies Mehl mit Backpulver	glutenfreie Mehlmischung mit Backpulver|glutenfreies selbsttreibendes Mehl
Reismehl	weißes Reismehl|helles Reismehl|Reismehle
Vollkornreismehl	Vollkorn-Reismehl|Naturreismehl|braunes Reismehl
Klebreismehl	süßes Reismehl|Klebreis-Mehl|Mochimehl
Sorghummehl	Sorghum-Mehl|Jowarmehl|Sorghumhirsemehl
Hirsemehl	Goldhirsemehl|Hirse-Mehl
Fingerhirsemehl	Ragimehl|Ragi-Mehl
Buchweizenmehl	Buchweizen-Mehl|Buchweizenvollkornmehl
Teffmehl	Teff-Mehl|Zwerghirsemehl
Quinoamehl	Quinoa-Mehl
Amaranthmehl	Amarantmehl|Amaranth-Mehl
Maisgrieß (mittelfein)	Maisgrieß|feiner Maisgrieß|gelber Maisgrieß|Minutenpolenta fein
Polenta	Polentagrieß|grober Maisgrieß|Instant-Polenta
Maismehl	Mais-Mehl|gelbes Maismehl|feines Maismehl
nixtamalisiertes Maismehl	Masa Harina|Tortillamehl|Masa-Mehl
gemahlene Mandeln (blanchiert)	gemahlene Mandeln|Mandeln gemahlen|geriebene Mandeln|Mandelgrieß|Mandelmehl|blanchierte gemahlene Mandeln|gemahlene blanchierte Mandeln|Mandelmehl naturbelassen
gemahlene Mandeln mit Haut	ungeschälte gemahlene Mandeln|gemahlene Mandeln ungeschält|gemahlene braune Mandeln
gemahlene Haselnüsse	Haselnüsse gemahlen|geriebene Haselnüsse|Haselnussmehl|gemahlene Haselnusskerne|Haselnusskerne gemahlen|gemahlene Nüsse|Haselnussgrieß
Kokosmehl	Kokosnussmehl|Kokos-Mehl
Kichererbsenmehl	Kichererbsen-Mehl|Besan|Gram-Mehl
Sojamehl	Soja-Mehl|vollfettes Sojamehl
Lupinenmehl	Süßlupinenmehl|Lupinen-Mehl
Erdnussmehl	entöltes Erdnussmehl|Erdnuss-Mehl
Maniokmehl	Cassavamehl|Yucamehl|Maniok-Mehl
Kartoffelmehl (ganze Kartoffel)	Kartoffelflockenmehl|Kartoffelpulver
grünes Bananenmehl	Bananenmehl|Kochbananenmehl
Erdmandelmehl	gemahlene Erdmandeln|Erdmandeln gemahlen|Chufasnüsslimehl
Kastanienmehl	Maronenmehl|Esskastanienmehl|Marronimehl
Wasserkastanienmehl	Singhara-Mehl
Speisestärke	Maisstärke|Stärke|Speisestärken|Stärkemehl|feine Speisestärke
Tapiokastärke	Tapiokamehl|Maniokstärke|Tapioka-Stärke|Tapioca-Stärke
Kartoffelstärke	Kartoffelmehl|Kartoffel-Stärke
Pfeilwurzstärke	Pfeilwurzelmehl|Pfeilwurzmehl|Pfeilwurzelstärke|Arrowroot
Vanillepuddingpulver (zum Kochen)	Puddingpulver|Vanillepuddingpulver|Puddingpulver Vanille|Vanille-Puddingpulver|Puddingpulver Vanillegeschmack|Puddingpulver mit Vanillegeschmack|Vanillepudding-Pulver|Puddingpulver Sahne|Cremepulver zum Kochen
Quellstärke	kaltquellende Stärke|Instantstärke
Zucker	Kristallzucker|Zimtzucker|Zimt-Zucker|Haushaltszucker|weißer Zucker|Weißzucker|Zuckers|Raffinade|Feinkristallzucker|Raffinadezucker|Rübenzucker|Normalkristallzucker
feinster Zucker	feiner Zucker|extrafeiner Zucker|feinkörniger Zucker|Backzucker|feinster Backzucker
feiner Rohrohrzucker	feinster Rohrzucker|goldgelber feiner Zucker|feiner Rohrzucker
Puderzucker	Staubzucker|Staubzuckers|Puderzuckers|gesiebter Puderzucker|Puder-Zucker
brauner Zucker	braunen Zucker|Braunzucker|hellbrauner Zucker|hellbraunen Zucker|weicher brauner Zucker|heller brauner Zucker
dunkelbrauner Zucker	dunkelbraunen Zucker|dunkler brauner Zucker|dunkler Zucker
heller Muscovadozucker	heller Muscovado|hellen Muscovadozucker|heller Mascobado
Muscovadozucker	dunkler Muscovadozucker|Muscovado|Mascobado|Mascobadozucker|Vollrohrzucker|dunkler Muscovado
Demerarazucker	Demerara|Demerara-Zucker
Rohrohrzucker	Rohrzucker|Rohr-Rohzucker|Roh-Rohrzucker|Rohzucker|Turbinadozucker|Rohrohrzuckers
Jaggery	Palmzucker|Gur|indischer Rohzucker
Kokosblütenzucker	Kokoszucker|Kokosblüten-Zucker
Dattelzucker	Dattelsüße (Pulver)
Ahornzucker	Ahorn-Zucker
Hagelzucker	Perlzucker|Hagelzuckers
grober Dekorzucker	Dekorzucker|bunter Zucker|Glitzerzucker
Vanillezucker	Vanillinzucker|Vanille-Zucker|Bourbon-Vanillezucker|Bourbonvanillezucker|Vanillezuckers|Vanillin-Zucker|echter Vanillezucker
Gelierzucker 1:1	Gelierzucker|Gelierzucker 2:1|Einmachzucker mit Pektin
Traubenzucker	Dextrose|Traubenzuckerpulver|Glukosepulver
Fruchtzucker	Fruktose|Fructose
Erythrit	Erythritol|Erythritpulver
Xylit	Xylitol|Birkenzucker
Allulose	Psicose
Stevia-Erythrit-Mischung	Streusüße mit Stevia|Stevia-Erythrit|Stevia-Streusüße
Honig	flüssiger Honig|Blütenhonig|Bienenhonig|Akazienhonig|Waldhonig|Honigs|Imkerhonig
Melasse (hell)	Melasse|helle Melasse|Zuckerrohrmelasse|Zuckerrübensirup|Rübensirup|Rübenkraut
dunkle Melasse	schwarze Melasse|Zuckerrohrmelasse dunkel
dunkler Zuckersirup (britisch)	schwarzer Sirup|dunkler Sirup
heller Zuckersirup	heller Sirup|Goldsirup|goldener Sirup
heller Maissirup	Maissirup|Maisstärkesirup
dunkler Maissirup	brauner Maissirup
Glukosesirup	Glucosesirup|Traubenzuckersirup|Bonbonsirup|Stärkesirup
Ahornsirup	Ahornsirups|Ahorn-Sirup
Agavendicksaft	Agavensirup|Agaven-Dicksaft
Reissirup	Reismalz|Reis-Sirup
Gerstenmalzextrakt	Gerstenmalzsirup|Malzextrakt|Backmalzsirup|Malzsirup|Gerstenmalz
Dattelsirup	Dattelsüße|Dattel-Sirup|Dattelhonig
Granatapfelsirup	Granatapfelmelasse|Granatapfel-Sirup
Invertzuckersirup	Invertzucker|Invertzuckercreme
Sorghumsirup	Zuckerhirsesirup
Läuterzucker	Zuckersirup|Zuckersirup 1:1|Läuterzuckers
Karamellsauce	Karamellsoße|Karamellsosse|Salzkaramell|Karamell-Sauce
Kokosblütensirup	Kokosblütennektar|Kokossirup
Butter	Süßrahmbutter|ungesalzene Butter|weiche Butter|zimmerwarme Butter|kalte Butter|flüssige Butter|zerlassene Butter|Markenbutter|deutsche Markenbutter|Teebutter|Butterflöckchen|Butterflocken|geschmolzene Butter
gesalzene Butter	Salzbutter|Butter gesalzen|leicht gesalzene Butter
Sauerrahmbutter	mildgesäuerte Butter|Butter mildgesäuert
Butterschmalz	Ghee|Butterreinfett|geklärte Butter|Bratbutter
braune Butter	Nussbutter|gebräunte Butter
Pflanzenfett	weißes Pflanzenfett|Backfett|festes Pflanzenfett|Bratfett|Frittierfett
emulgiertes Backfett	emulgiertes Pflanzenfett|Cremefett
Schweineschmalz	Schmalz|Griebenschmalz|Schweinefett
Rindertalg, geraspelt	Rindernierenfett|Nierenfett|Suet|Nierentalg
pflanzlicher Talgersatz	vegetarischer Talg|pflanzliches Suet
Margarine	Backmargarine|Würfelmargarine|weiche Margarine|Margarinen|Pflanzenmargarine
weiche Backmargarine (Becher)	Streichmargarine|Bechermargarine|Sonnenblumenmargarine|Streichfett
Halbfettmargarine	Diätmargarine|fettreduzierte Margarine|Halbfettbutter
vegane Butter	pflanzliche Butter|Butteralternative|vegane Margarine|vegane Backbutter
Rapsöl	Raps-Öl|Rapskernöl|raffiniertes Rapsöl
Pflanzenöl	Öl|Speiseöl|neutrales Öl|geschmacksneutrales Öl|Oel|Sojaöl|Salatöl|Öls|Bratöl|neutrales Pflanzenöl
Sonnenblumenöl	Sonnenblumen-Öl
Maiskeimöl	Maisöl
Erdnussöl	Erdnuss-Öl
Traubenkernöl	Traubenkern-Öl
Olivenöl	natives Olivenöl|Oliven-Öl|Olivenöl extra
Avocadoöl	Avocado-Öl
Kokosöl	Kokosfett|Kokosnussöl|Kokos-Öl|Plattenfett
Walnussöl	Walnuss-Öl
Sesamöl	geröstetes Sesamöl|Sesam-Öl
Senföl	Senf-Öl
Mayonnaise	Mayo|Majonäse|Salatmayonnaise
Backtrennspray	Trennspray|Backspray|Ölspray|Sprühöl
Rindertalg	Rinderschmalz|Rinderfett|Talg
Vollmilch	Milch|Frischmilch|Vollmilch 3,5 %|Milch 3,5 %|lauwarme Milch|Kuhmilch|H-Milch|3,5%ige Milch|Milch 3,8 %|warme Milch|kalte Milch
fettarme Milch (1,5 %)	fettarme Milch|Milch 1,5 %|teilentrahmte Milch|1,5%ige Milch|Halbfettmilch
fettarme Milch (1 %)	Milch 1 %|einprozentige Milch
Magermilch	entrahmte Milch|Magermilch 0,1 %|Milch 0,1 %
laktosefreie Milch	Milch laktosefrei|lactosefreie Milch
Ziegenmilch	Ziegen-Milch
Kondensmilch	Dosenmilch|Kaffeesahne aus der Dose|ungezuckerte Kondensmilch|Büchsenmilch|Kondensmilch 7,5 %
gezuckerte Kondensmilch	gesüßte Kondensmilch|süße Kondensmilch|Kondensmilch gezuckert
Milchkaramell	Dulce de Leche|Karamellcreme|Milchkaramellcreme|Karamell-Brotaufstrich
Magermilchpulver	Magermilch-Pulver
Vollmilchpulver	Milchpulver|Trockenmilch
Malzmilchpulver	Malzmilch|Malzgetränkepulver
Süßmolkenpulver	Molkenpulver|Molkepulver
Schlagsahne	Sahne|süße Sahne|Schlagrahm|Schlagobers|Obers|Rahm|Sahne 30 %|Schlagsahne 30 %|steif geschlagene Sahne|geschlagene Sahne|flüssige Sahne|kalte Sahne|Vollrahm|Süßrahm|Schlagsahne mind. 30 %
Crème double	Doppelrahm|Creme double|Crème Double|Sahne 48 %
Konditorsahne (38 %)	Konditorsahne|Schlagsahne extra|Schlagsahne 38 %|Sahne 36 %|Schlagsahne 36 %|Konditoreisahne
Kochsahne (15–20 %)	Kochsahne|Halbrahm|Sahne zum Kochen|Kochsahne 15 %|Obers zum Kochen
Kaffeesahne	Kaffeesahne 10 %|Kaffeerahm|Kaffeesahne 12 %|Kaffeeobers
Clotted Cream	Streichrahm|Dickrahm
Khoya	Khoa|Mawa|eingedickte Milch
Buttermilch	Butter-Milch|reine Buttermilch|Buttermilch natur
Vollfett-Buttermilch	vollfette Buttermilch|Sahnebuttermilch
Buttermilchpulver	Buttermilch-Pulver
mit Zitrone gesäuerte Milch	gesäuerte Milch|Sauermilch|Dickmilch
Naturjoghurt	Joghurt|Vollmilchjoghurt|Jogurt|Naturjogurt|Joghurt natur|Joghurt 3,5 %|Joghurts|Naturjoghurt 3,5 %
fettarmer Joghurt	Magerjoghurt|Joghurt 1,5 %|fettarmen Joghurt|Naturjoghurt 1,5 %|Joghurt fettarm
griechischer Joghurt	griechischen Joghurt|Sahnejoghurt|Joghurt griechischer Art|Joghurt 10 %|Sahnejoghurt nach griechischer Art
griechischer Joghurt 0 %	griechischer Magerjoghurt|fettfreier griechischer Joghurt|griechischer Joghurt fettarm
Skyr	Skyr natur|Naturskyr|isländischer Skyr
Labneh	Labne|Labaneh|Joghurtkäse
Kefir	Kefirs|Kefir mild
Schmand	Schmands|Schmand 24 %|Sauerrahm 20 %|Schmant
saure Sahne	saurer Rahm|Sauerrahm|sauren Rahm|saure Sahne 10 %|Saure-Sahne
Crème fraîche	Creme fraiche|Crème fraiche|Crème-fraîche|Crémefraiche
Quark	Magerquark|Speisequark|Topfen|Quark 20 %|Sahnequark|Speisequark 20 %|Quark 40 %|Quarks|Magertopfen|Schichtkäse|Speisequark mager
Ei	Eier|Eiern|Hühnerei|Hühnereier|Vollei|Eies|ganze Eier|Eier Größe M|Ei Größe M|Eier (M)|Eier Gr. M|Eier (Größe M)|Eier (Größe L)|Eier Größe L|ganzes Ei|Freilandeier|Bio-Eier|Bio-Ei|verquirltes Ei
Eiweiß	Eiklar|Eiweiss|Eiweiße|Eischnee|Eiweißen
Eigelb	Eidotter|Dotter|Eigelbe|Eigelben|Eidottern
pasteurisiertes Eiweiß	Flüssigeiweiß|flüssiges Eiweiß|Eiweiß pasteurisiert
pasteurisiertes Vollei	Flüssigei|flüssiges Vollei
Eiklarpulver	Trockeneiweiß|Eiweißpulver (Ei)|Eiweißpulver aus Ei
Volleipulver	Eipulver|Trockenvollei|Trockenei
Baiserpulver	Meringuepulver|Meringue-Pulver
Entenei	Enteneier|Enteneiern
Wachtelei	Wachteleier|Wachteleiern
Leinsamen-Ei	Leinei|Leinsamenei|Leinsamen-Eier
Chia-Ei	Chiaei|Chia-Eier
Eiersatzpulver	Ei-Ersatz|Eiersatz|Ei-Ersatzpulver
Aquafaba	Kichererbsenwasser|Kichererbsensud
Seidentofu	Seiden-Tofu
fester Tofu	Tofu|Naturtofu|Tofu natur
Sojadrink	Sojamilch|Soja-Drink|Soja-Milch|Sojadrink ungesüßt
Mandeldrink	Mandelmilch|Mandel-Drink
Haferdrink	Hafermilch|Hafer-Drink
Reisdrink	Reismilch|Reis-Drink
Cashewdrink	Cashewmilch|Cashew-Drink
Haselnussdrink	Haselnussmilch|Haselnuss-Drink
Erbsendrink	Erbsenmilch|Erbsen-Drink
Hanfdrink	Hanfmilch|Hanf-Drink
Kokosdrink	Kokos-Drink|Kokosnussdrink|Kokosmilch-Drink
Kokosmilch	Kokosnussmilch|Kokosmilch aus der Dose
fettarme Kokosmilch	leichte Kokosmilch|Kokosmilch light
Kokoscreme	Kokossahne|Kokosnusscreme|Kokosrahm
Kokosmus (Block)	Kokosmus|Kokosnussmus
Kokosmilchpulver	Kokosmilch-Pulver
gezuckerte Kokoskondensmilch	Kokos-Kondensmilch|kondensierte Kokosmilch
vegane Schlagcreme	pflanzliche Schlagsahne|vegane Sahne|vegane Schlagsahne|Sojasahne aufschlagbar|pflanzliche Sahne
Sojajoghurt	Soja-Joghurt|Sojagurt|Joghurtalternative Soja
Kokosjoghurt	Kokos-Joghurt|Kokosjoghurtalternative
vegane Buttermilch	Sojamilch mit Essig|pflanzliche Buttermilch
veganer Frischkäse	pflanzlicher Frischkäse|veganen Frischkäse|Frischkäsealternative
Hafercreme	Hafersahne|Haferkochsahne
Natron	Speisenatron|Backsoda|Natriumhydrogencarbonat|Haushaltsnatron|Natrons|Speisesoda|Natriumbikarbonat
Backpulver, doppelt wirkend (USA)	amerikanisches Backpulver|doppelt wirkendes Backpulver
phosphatbasiertes Backpulver (Monocalciumphosphat)	aluminiumfreies Backpulver|Backpulver mit Monocalciumphosphat
Backpulver	Backpulvers|Back-Pulver|Backtriebmittel
Weinsteinbackpulver	Weinstein-Backpulver|Reinweinsteinbackpulver|Backpulver mit Weinstein|phosphatfreies Backpulver



natriumarmes Backpulver	natriumfreies Backpulver|kochsalzarmes Backpulver
Kaliumhydrogencarbonat	Kaliumbikarbonat|Kaliumbicarbonat
Hirschhornsalz	ABC-Trieb|Ammoniumhydrogencarbonat|Hirschhorn-Salz
Monocalciumphosphat	Calciumdihydrogenphosphat|Monokalziumphosphat
Natriumpyrophosphat (sauer)	saures Natriumpyrophosphat|Dinatriumdihydrogendiphosphat|E 450i
Glucono-delta-Lacton	GdL|Gluconolacton
Trockenhefe	Trockenbackhefe|Instanthefe|Instant-Hefe|Trocken-Hefe|Hefe trocken|Trockengerm
aktive Trockenhefe	Aktivtrockenhefe|Trockenhefe zum Anrühren
frische Hefe	Hefe|Frischhefe|Backhefe|Germ|Hefewürfel|Würfelhefe|frischer Germ|frischen Hefe
Sauerteigrest	Sauerteig|Sauerteigansatz|Anstellgut|Sauerteigreste
weißer Tafelessig (5 %)	Essig|Tafelessig|Branntweinessig|Haushaltsessig|heller Essig|Speiseessig|Brandweinessig
Apfelessig	Apfel-Essig|Obstessig
Malzessig	Malz-Essig
Weißweinessig	Weinessig|Weißwein-Essig|heller Weinessig
Reisessig	Reis-Essig
Balsamico	Balsamicoessig|Aceto balsamico|Balsamessig
Zitronensaft	Saft einer Zitrone|Zitronensafts|Saft von 1 Zitrone|frisch gepresster Zitronensaft|Zitronen-Saft|Saft einer halben Zitrone|Saft von Zitrone
Limettensaft	Saft einer Limette|Limonensaft|Saft von 1 Limette
Weinstein	Cremor Tartari|Weinsteinpulver|gereinigter Weinstein|Kaliumhydrogentartrat
Weinsäure	Weinsteinsäure
Zitronensäure	Citronensäure|Zitronensäurepulver
Apfelsäure	Äpfelsäure
Milchsäure (80 %)	Milchsäure
Ascorbinsäure	Vitamin C|Vitamin-C-Pulver
Mangopulver	Amchur|Amchoor|getrocknetes Mangopulver
Tamarindenpaste	Tamarinde|Tamarindenmus
Salz	Speisesalz|Kochsalz|Tafelsalz|Jodsalz|Salzes|feines Salz
feines Meersalz	Meersalz|Meersalz fein
koscheres Salz (leichte Flocken)	koscheres Salz|Koscher-Salz
koscheres Salz (dicht)	dichtes koscheres Salz
Meersalzflocken	Salzflocken|Fleur de Sel|Flockensalz
grobes Meersalz	grobes Salz|Meersalz grob
rosa Steinsalz	Himalayasalz|Himalaya-Salz|Steinsalz
natriumreduziertes Salz	Diätsalz|Kochsalzersatz
Kala Namak	schwarzes Salz|indisches Schwarzsalz|Schwefelsalz
Zimt	gemahlener Zimt|Zimtpulver|Ceylonzimt|Ceylon-Zimt|gemahlenen Zimt|Zimt gemahlen|Zimts|Zimtstange|Zimtstangen
Muskatnuss, gemahlen	Muskat|Muskatnuss|geriebene Muskatnuss|gemahlene Muskatnuss|Muskatpulver|frisch geriebene Muskatnuss
Ingwerpulver	gemahlener Ingwer|Ingwer gemahlen|gemahlenen Ingwer
gemahlene Nelken	Nelken|Nelkenpulver|gemahlene Gewürznelken|Gewürznelken|Nelke|Nelken gemahlen|Gewürznelke
Piment	gemahlener Piment|Pimentpulver|Nelkenpfeffer
Kardamom	gemahlener Kardamom|Kardamompulver|Kardamomkapseln|Kardamon
Macis	Muskatblüte|gemahlene Muskatblüte|Macispulver
süße Gewürzmischung (britisch)	Kuchengewürz|Backgewürz
Kürbiskuchengewürz	Kürbisgewürz|Pumpkin-Spice-Gewürz
Lebkuchengewürz	Lebkuchen-Gewürz|Pfefferkuchengewürz|Spekulatiusgewürz|Neunerlei|Printengewürz
Chai-Gewürz	Chaigewürz|Chai-Masala|Teegewürz Chai
Fünf-Gewürze-Pulver	Fünfgewürzpulver|Fünf-Gewürz-Pulver
Sternanis	gemahlener Sternanis|Sternanise
Anis	Anissamen|gemahlener Anis|Aniskörner|Anispulver
Fenchelsamen	Fenchelsaat
Kümmel	Kümmelsamen|gemahlener Kümmel|ganzer Kümmel
Kreuzkümmel	Cumin|gemahlener Kreuzkümmel|Kumin
gemahlener Koriander	Koriandersamen|Korianderpulver|Koriander gemahlen|gemahlene Koriandersamen
Kurkuma	Gelbwurz|Kurkumapulver|gemahlene Kurkuma
schwarzer Pfeffer	Pfeffer|gemahlener Pfeffer|Pfeffers|schwarzen Pfeffer|frisch gemahlener Pfeffer
Cayennepfeffer	Cayenne-Pfeffer|Chilipulver
Chiliflocken	Chili-Flocken|getrocknete Chiliflocken
Paprikapulver edelsüß	Paprikapulver|edelsüßes Paprikapulver|Paprika edelsüß|Paprika rosenscharf
Senfpulver	Senfmehl|gemahlener Senf
Ajowan	Ajwain|Ajowansamen|Königskümmel
Schwarzkümmel	Schwarzkümmelsamen|Nigella
Safran	Safranfäden|Safranpulver|gemahlener Safran
getrockneter Rosmarin	Rosmarin|Rosmarinnadeln|gerebelter Rosmarin
getrocknete Kräutermischung	italienische Kräuter|getrocknete Kräuter|Kräuter der Provence|gemischte Kräuter
Knoblauchpulver	Knoblauchgranulat
Zwiebelpulver	Zwiebelgranulat
frischer Ingwer	Ingwer|Ingwerknolle|geriebener Ingwer|frischen Ingwer|Ingwerwurzel
Banane	Bananen|reife Banane|reife Bananen|überreife Bananen|zerdrückte Banane|sehr reife Bananen|Bananenmus
Kochbanane	Kochbananen|reife Kochbanane|reife Kochbananen
Apfel	Äpfel|Äpfeln|Tafelapfel|Tafeläpfel|geriebener Apfel|süße Äpfel|Aepfel
säuerlicher Apfel	säuerliche Äpfel|Backäpfel|Kochapfel|Boskop|Boskoop|saure Äpfel|Backapfel|säuerlichen Äpfel
Heidelbeeren	Blaubeeren|Heidelbeere|Blaubeere|frische Heidelbeeren|TK-Heidelbeeren|Schwarzbeeren|frische Blaubeeren|TK-Blaubeeren
Himbeeren	Himbeere|TK-Himbeeren|frische Himbeeren|gefrorene Himbeeren
Erdbeeren	Erdbeere|frische Erdbeeren|TK-Erdbeeren
Brombeeren	Brombeere|TK-Brombeeren
Süßkirschen	Kirschen|Kirsche|Süßkirsche|Herzkirschen
Sauerkirschen	Schattenmorellen|Sauerkirsche|Weichseln|entsteinte Sauerkirschen|Kirschen aus dem Glas|Sauerkirschen aus dem Glas
frische Cranberrys	frische Cranberries|Moosbeeren|TK-Cranberrys
Pfirsich	Pfirsiche|Pfirsichen|frische Pfirsiche
Pfirsiche aus der Dose	Dosenpfirsiche|Pfirsichhälften|Pfirsiche (Dose)|Pfirsich aus der Dose
Nektarine	Nektarinen
Aprikose	Aprikosen|Marille|Marillen|frische Aprikosen
Pflaume	Pflaumen|Zwetschge|Zwetschgen|Zwetschke|Zwetschken|Zwetsche|Zwetschen
Birne	Birnen|reife Birnen
Orange	Orangen|Apfelsine|Apfelsinen|Bio-Orange|Bio-Orangen|unbehandelte Orange|unbehandelte Orangen
Zitrone	Zitronen|Bio-Zitrone|Bio-Zitronen|unbehandelte Zitrone|unbehandelte Zitronen
Limette	Limetten|Bio-Limette|Bio-Limetten|Limone|unbehandelte Limette
Zitronenabrieb	Zitronenschale|abgeriebene Zitronenschale|Zitronenzesten|geriebene Zitronenschale|Abrieb einer Zitrone|Schale einer Zitrone|abgeriebene Schale einer Zitrone|Schale von 1 Zitrone|Abrieb von 1 Zitrone|Abrieb von Zitrone|abgeriebene Schale von 1 Zitrone
Orangenabrieb	Orangenschale|abgeriebene Orangenschale|Orangenzesten|geriebene Orangenschale|Abrieb einer Orange|Schale einer Orange|Abrieb von 1 Orange|Schale von 1 Orange
Limettenabrieb	Limettenschale|abgeriebene Limettenschale|Abrieb einer Limette
Mango	Mangos|frische Mango|Mangofruchtfleisch
Ananas	frische Ananas|Ananasstücke|Ananasse
zerkleinerte Ananas aus der Dose	Ananas aus der Dose|Dosenananas|Ananas (Dose)|Ananasstücke aus der Dose
Stachelbeeren	Stachelbeere
schwarze Johannisbeeren	schwarze Ribisel|Cassis|Cassisbeeren
rote Johannisbeeren	Johannisbeeren|Johannisbeere|Ribisel|Ribiseln|Träuble
TK-Beerenmischung	Beerenmischung|gemischte Beeren|Beeren|TK-Beeren|Beerenmix|gefrorene Beeren
Weintrauben	Trauben|kernlose Trauben|Traube|Weintraube|kernlose Weintrauben
frische Feige	frische Feigen
Kiwi	Kiwis|Kiwifrucht
Kakifruchtfleisch	Kaki|Kakis|Sharon|Persimone
Passionsfruchtmark	Passionsfrucht|Maracuja|Maracujas|Passionsfrüchte|Maracujamark
Avocado	Avocados|reife Avocado
Apfelmark	ungesüßtes Apfelmus|Apfelmus ungesüßt|Apfelmus|Apfelpüree|Apfelmarks
Apfelkraut	Apfelbutter
Kürbispüree	Kürbismus|Kürbis-Püree
Kürbiskuchenfüllung	gesüßte Kürbisfüllung
Dattelmus	Dattelpaste|Dattelpüree
Pflaumenpüree	Backpflaumenmus|Trockenpflaumenpüree
gesüßtes Mangopüree (Dose)	Mangopulpe|Mangopüree|Mangomark
Himbeerpüree	Himbeermark
Cranberrysauce	Cranberrysoße|Preiselbeeren aus dem Glas|Wildpreiselbeeren
Erdbeerkonfitüre	Erdbeermarmelade|Erdbeerfruchtaufstrich
Himbeerkonfitüre	Himbeermarmelade|Himbeerfruchtaufstrich
Aprikosenkonfitüre	Aprikosenmarmelade|Marillenmarmelade|Marillenkonfitüre
Orangenmarmelade	Orangenkonfitüre|Bitterorangenmarmelade
Johannisbeergelee	rotes Johannisbeergelee|Ribiselgelee
Zitronencreme (Curd)	Lemon Curd|Zitronencurd
Kirschfüllung	Kirschgrütze|angedickte Kirschen
Apfelkompott	Apfelkompotts|geschmorte Äpfel
Rosinen	Rosine|dunkle Rosinen
Sultaninen	Sultanine|helle Rosinen
Korinthen	Korinthe
Trockenfrüchtemischung	gemischte Trockenfrüchte|Trockenfrüchte|Dörrobst|Backobst|gemischtes Trockenobst
Datteln	getrocknete Datteln|entsteinte Datteln|Dattel|Datteln ohne Stein
Medjool-Datteln	Medjoul-Datteln|Medjooldatteln
getrocknete Aprikosen	Trockenaprikosen|Softaprikosen|Soft-Aprikosen|getrocknete Marillen
getrocknete Cranberrys	getrocknete Cranberries|Cranberrys|Cranberries|getrocknete Preiselbeeren
Trockenpflaumen	Backpflaumen|getrocknete Pflaumen|Softpflaumen|Dörrpflaumen|Dörrzwetschken
getrocknete Feigen	Feigen|Trockenfeigen|Feige|Softfeigen
getrocknete Sauerkirschen	getrocknete Kirschen|Trockenkirschen
getrocknete Heidelbeeren	getrocknete Blaubeeren
getrocknete Apfelringe	Apfelringe|getrocknete Äpfel|Trockenäpfel
getrocknete Mango	Trockenmango
Bananenchips	Bananen-Chips
gefriergetrocknete Himbeeren	Himbeerpulver
gefriergetrocknete Erdbeeren	Erdbeerpulver
Zitronat und Orangeat (gemischt)	Orangeat und Zitronat|gemischte kandierte Zitrusschalen|kandierte Zitrusschale
Orangeat	kandierte Orangenschale|Arancini
kandierte Zitronenschale	Zitronenschale kandiert
Zitronat	Succade|Sukkade|Cedrat
Belegkirschen	kandierte Kirschen|rote Belegkirschen|kandierte Kirsche
Cocktailkirschen	Maraschinokirschen|Cocktailkirsche
kandierter Ingwer	kandierten Ingwer|Ingwer kandiert|Ingwerwürfel
Ingwer in Sirup	eingelegter Ingwer|Ingwerpflaumen
kandierte Papayawürfel	Tuttifrutti|kandierte Papaya|kandierte Früchte
kandierte Ananas	Ananas kandiert
kandierte Angelika	Angelika|Engelwurz kandiert
englische Früchtefüllung (Mincemeat)	Mincemeat|Mince-Pie-Füllung
Möhre	Möhren|Karotte|Karotten|geriebene Möhren|geraspelte Möhren|Mohrrüben|Rüebli|geraspelte Karotten|geriebene Karotten|gelbe Rüben|Mohrrübe
Zucchini	Zucchinis|Zucchetti|geraspelte Zucchini|Zucchino
Rote Bete, gekocht	Rote Bete|Rote Beete|gekochte Rote Bete|Randen|Rote Rübe|Rote Rüben|vorgegarte Rote Bete
Süßkartoffelpüree	gekochte Süßkartoffel|Süßkartoffel|Süßkartoffeln|Süßkartoffelmus
gestampfte gekochte Kartoffeln	gekochte Kartoffeln|Kartoffelpüree|durchgepresste Kartoffeln|Pellkartoffeln|Kartoffeln|Kartoffel
Hokkaido- oder Butternusspüree	Butternusspüree|Hokkaidopüree|gekochter Kürbis|Hokkaido|Hokkaidokürbis|Kürbisfleisch|Butternut-Kürbis|Kürbis
Rhabarber	Rhabarberstange|Rhabarberstangen|Rhabarbers
Pastinake	Pastinaken|geriebene Pastinake
Steckrübe	Steckrüben|Kohlrübe|Kohlrüben|Wruke|gekochte Steckrübe
Mais	Maiskörner|Zuckermais|Gemüsemais|Dosenmais|Kukuruz
Maiscreme aus der Dose	Rahmmais|cremiger Mais
Zwiebel	Zwiebeln|Gemüsezwiebel|Haushaltszwiebel
Frühlingszwiebel	Frühlingszwiebeln|Lauchzwiebel|Lauchzwiebeln|Jungzwiebel
Schnittlauch	Schnittlauchröllchen|Schnittlauchs
Knoblauch	Knoblauchzehe|Knoblauchzehen|Zehe Knoblauch|Zehen Knoblauch
Spinat	Blattspinat|TK-Spinat|Babyspinat|Spinats
Jalapeño	Jalapeno|grüne Chili|Jalapeños|Chilischote|Peperoni
rote Paprika	Paprikaschote|Paprikaschoten|rote Paprikaschote|Paprika|Paprikas
getrocknete Tomaten in Öl	getrocknete Tomaten|eingelegte getrocknete Tomaten
Tomaten	Tomate|Kirschtomaten|Cherrytomaten|Cocktailtomaten
Oliven ohne Stein	Oliven|Olive|entsteinte Oliven|schwarze Oliven|grüne Oliven
schwarze Bohnen (Dose)	schwarze Bohnen
Kichererbsen (Dose)	Kichererbsen|Kichererbse
Tomatenmark	Tomatenmarks|dreifach konzentriertes Tomatenmark
Tomatensuppe (Konzentrat)	Tomatensuppe
ganze Mandeln	Mandeln|Mandel|Mandelkerne|ungeschälte Mandeln|blanchierte Mandeln|gehackte Mandeln|geschälte Mandeln|Mandeln gehackt
Mandelblättchen	gehobelte Mandeln|Mandelblätter|Mandeln gehobelt|Mandelplättchen
Mandelstifte	Mandelsplitter|gestiftelte Mandeln|Mandeln gestiftelt
Walnüsse	Walnuss|Walnusskerne|gehackte Walnüsse|Walnusshälften|Baumnüsse|gehackte Walnusskerne
Pekannüsse	Pekannuss|Pecannüsse|Pekannusskerne|gehackte Pekannüsse
Haselnüsse	Haselnuss|Haselnusskerne|gehackte Haselnüsse|Nüsse|gehackte Nüsse|ganze Haselnüsse
Pistazien	Pistazie|Pistazienkerne|gehackte Pistazien
Cashewkerne	Cashews|Cashewnüsse|Cashewnuss|Cashewkern
Macadamianüsse	Macadamia|Macadamias|Macadamianuss
Paranüsse	Paranuss|Paranusskerne
Pinienkerne	Pinienkern|Pignoli
Erdnüsse	Erdnuss|ungesalzene Erdnüsse|Erdnusskerne
gegarte Maronen	Maronen|Esskastanien|Kastanien|vorgegarte Maronen|Marroni|Maroni
Sonnenblumenkerne	Sonnenblumenkern
Kürbiskerne	Kürbiskern
Sesam	Sesamsamen|Sesamsaat|heller Sesam
Mohn	Mohnsamen|Blaumohn|gemahlener Mohn|Mohns|Dampfmohn|Graumohn
geschrotete Leinsamen	Leinsamen geschrotet|gemahlene Leinsamen|Leinsamenschrot
Leinsamen	ganze Leinsamen|Goldleinsamen|Leinsaat
Chiasamen	Chia-Samen|Chia
geschälte Hanfsamen	Hanfsamen|Hanfherzen
gemischte Kerne und Saaten	Kernemischung|Körnermischung|Salatkernmischung|gemischte Kerne|Saatenmix
Kokosraspel	Kokosflocken|Kokosraspeln|Kokosette|geraspelte Kokosnuss|Kokosnussraspel
gesüßte Kokosraspel	gezuckerte Kokosraspel
Kokoschips	Kokosnusschips|Kokosstreifen
frisch geriebene Kokosnuss	Kokosnuss|frische Kokosnuss|Kokosfleisch
Erdnussbutter	Erdnussmus|Erdnusscreme|cremige Erdnussbutter
Mandelmus	Mandelbutter|weißes Mandelmus|braunes Mandelmus
Cashewmus	Cashewbutter
Sonnenblumenkernmus	Sonnenblumenmus
Tahin	Tahini|Sesammus|Sesampaste
Nougatpaste	Haselnuss-Pralinenpaste|Haselnuss-Krokantmasse|Pralinémasse|Haselnussmus|Nuss-Nougat|Nougat|Nussnougat
Pistazienpaste	Pistaziencreme|Pistazienmus
Natur-Kakaopulver (schwach sauer)	nicht alkalisierter Kakao|Naturkakao|Rohkakao|rohes Kakaopulver
Backkakao	Kakao|Kakaopulver|Kakaos|ungesüßter Kakao|stark entöltes Kakaopulver|Back-Kakao|ungesüßtes Kakaopulver|schwach entöltes Kakaopulver|Kakao zum Backen|alkalisiertes Kakaopulver
schwarzer Kakao	schwarzes Kakaopulver
Trinkschokoladenpulver	Trinkschokolade|Kakaogetränkepulver|Kakao-Getränkepulver|Instantkakao
Schokolade 100 %	Kakaomasse|100 % Kakao Schokolade|Blockschokolade ungesüßt
Zartbitterschokolade 70 %	dunkle Schokolade 70 %|Schokolade 70 %|Bitterschokolade|Edelbitterschokolade|Herbe Schokolade|Schokolade (70 % Kakao)
Zartbitterschokolade	dunkle Schokolade|Halbbitterschokolade|Schokolade|Zartbitterkuvertüre|Zartbitter-Schokolade|Kuvertüre|Kuvertüre zartbitter|dunkle Kuvertüre|Blockschokolade|Zartbitter-Kuvertüre|Kochschokolade|geraspelte Schokolade|Schokoraspel|Raspelschokolade|Zartbitter
Schokotropfen	Schokoladentropfen|Schokotröpfchen|Schoko-Tropfen|Schokoladentröpfchen|Schokodrops|backfeste Schokotropfen|Schokochips|Schokostückchen|Zartbitter-Schokotropfen
Vollmilchschokolade	Milchschokolade|Vollmilchkuvertüre|Vollmilch-Kuvertüre|Vollmilch-Schokolade
weiße Schokolade	weisse Schokolade|weiße Kuvertüre|weißen Schokolade
vegane Schokotropfen	milchfreie Schokotropfen|vegane Schokolade|vegane Schokodrops
Kakaonibs	Kakao-Nibs|Kakaobohnensplitter
Kakaobutter	Kakao-Butter
Carobpulver	Johannisbrotpulver|Carob|Karobpulver
Nuss-Nougat-Creme	Nussnougatcreme|Nougatcreme|Schokoaufstrich|Haselnusscreme|Schokocreme
Schokostreusel	Schokoladenstreusel|Schoko-Streusel
kakaohaltige Fettglasur	Kuchenglasur|Fettglasur|Schokoladenglasur|Kuchenglasur dunkel|Schokoglasur
Vanilleextrakt	Vanille-Extrakt|Vanilleessenz|Vanilleextrakts
Vanillearoma	Vanille-Aroma|Butter-Vanille-Aroma|Vanille-Backaroma|Fläschchen Vanillearoma|Backaroma Vanille|Butter-Vanillearoma
Vanillepaste	Vanille-Paste
Vanilleschote	gemahlene Vanille|Vanilleschoten|Mark einer Vanilleschote|Vanillemark|Vanille|Mark von 1 Vanilleschote|Vanillestange
Bittermandelaroma	Bittermandel-Aroma|Bittermandelöl|Mandelaroma|Mandelextrakt|Backaroma Bittermandel
Zitronenextrakt	Zitronenaroma|Zitronen-Aroma|Backaroma Zitrone|Zitronen-Backaroma
Zitronenöl	Zitronenschalenöl
Pfefferminzextrakt	Pfefferminzaroma|Minzaroma|Minzextrakt
Ahornaroma	Ahornextrakt
Rumaroma	Rum-Aroma|Rum-Backaroma|Backaroma Rum|Fläschchen Rumaroma
Kokosaroma	Kokosextrakt
Pandanextrakt	Pandanaroma|Pandan
Rosenwasser	Rosenwassers
Orangenblütenwasser	Orangenblüten-Wasser
Instant-Espressopulver	Espressopulver|Instantkaffee|Kaffeepulver löslich|lösliches Kaffeepulver|Instant-Kaffeepulver|löslicher Kaffee|Instant-Espresso
Matcha	Matchapulver|Matcha-Pulver|Matchatee
flüssige Lebensmittelfarbe	Lebensmittelfarbe|Speisefarbe|rote Lebensmittelfarbe
Lebensmittelfarbe (Gel)	Gel-Lebensmittelfarbe|Farbpaste|Gelfarbe|Lebensmittelfarbpaste
getrocknete Lavendelblüten	Lavendel|Lavendelblüten
helles Miso	Miso|Misopaste|weißes Miso
Hefeextrakt	Hefeaufstrich|Würzpaste aus Hefe
brauner Rum	Rum|dunkler Rum|Rums|braunen Rum
Weinbrand	Brandy|Cognac|Kognak
Whisky	Whiskey|Bourbon
Wodka	Vodka
Kirschwasser	Kirsch|Kirschbrand|Kirschgeist
Orangenlikör	Orangen-Likör|Triple Sec
Mandellikör	Amaretto|Mandel-Likör
Kaffeelikör	Kaffee-Likör
Sahnelikör	Whisky-Sahne-Likör|Creamlikör|irischer Sahnelikör
Eierlikör	Eierlikörs|Advocaat
Sherry	Sherrys|süßer Sherry
Portwein	Port|roter Portwein
Rotwein	Rotweins|roter Wein
Weißwein	Weisswein|weißer Wein
Sekt	Schaumwein|Prosecco|Perlwein
Bier	helles Bier|Lager|Pils|Lagerbier|Pilsener|Bieres
Stout	dunkles Bier|Schwarzbier|Malzstout
Apfelwein	Cidre|Cider|Most|Apfelmost vergoren
Wasser	Leitungswasser|lauwarmes Wasser|heißes Wasser|kaltes Wasser|warmes Wasser|kochendes Wasser|Wassers|heisses Wasser|Eiswasser
gebrühter Kaffee	Kaffee|starker Kaffee|Filterkaffee|kalter Kaffee|starken Kaffee|heißer Kaffee
Espresso	Espressos|gebrühter Espresso|frischer Espresso
Schwarztee	schwarzer Tee|Tee|starker schwarzer Tee|schwarzen Tee
Orangensaft	Orangensafts|Saft einer Orange|Saft von 1 Orange|frisch gepresster Orangensaft|O-Saft
Apfelsaft	Apfelsafts|naturtrüber Apfelsaft
Apfeldicksaft	Apfelsaftkonzentrat|Apfelsirup
Ananassaft	Ananas-Saft
Cranberrysaftgetränk	Cranberrysaft|Preiselbeersaft
Granatapfelsaft	Granatapfel-Saft
Tomatensaft	Tomaten-Saft
Kokoswasser	Kokosnusswasser
Zitronenlimonade	Limonade|Limo|weiße Limonade|Orangenlimonade
Cola	Kola|Colas
Ginger Ale	Ingwerlimonade|Ingwerbier|Ginger Beer
Mineralwasser mit Kohlensäure	Mineralwasser|Sprudel|Sprudelwasser|kohlensäurehaltiges Mineralwasser|Sodawasser
Gemüsebrühe	Brühe|Gemüsefond|Gemüsesuppe klar|Bouillon
Cheddar	geriebener Käse|Käse|Cheddars|geriebener Cheddar|Reibekäse|Gouda|geriebener Gouda
Hartkäse (nach Parmesanart), gerieben	Parmesan|geriebener Parmesan|Parmigiano|Hartkäse|Grana
Greyerzer	Gruyère|Gruyere|Bergkäse|Emmentaler|geriebener Emmentaler
Mozzarella (gerieben)	Mozzarella|geriebener Mozzarella
Feta	Fetakäse|Schafskäse|Schafkäse|Hirtenkäse
Halloumi	Grillkäse|Hellim
Ziegenfrischkäse	Ziegenkäse|weicher Ziegenkäse
Blauschimmelkäse	Gorgonzola|Blauschimmel|Roquefort|Edelpilzkäse
Frischkäse (Doppelrahmstufe)	Frischkäse|Doppelrahmfrischkäse|Rahmfrischkäse|Frischkäse natur|Doppelrahm-Frischkäse
Frischkäse fettreduziert	leichter Frischkäse|fettarmer Frischkäse|fettreduzierter Frischkäse|Frischkäse light
Mascarpone	Mascarpones|Mascarpone-Käse
Ricotta	Ricottas|Ricotta-Käse
körniger Frischkäse	Hüttenkäse|Cottage Cheese|körnigen Frischkäse
Paneer	Panir|indischer Frischkäse
veganer Käse	veganer Reibekäse|pflanzlicher Käse|Käsealternative
Hefeflocken	Nährhefe|Edelhefeflocken|Würzhefeflocken
gebratener Speck	Speck|Frühstücksspeck|Bacon|Speckwürfel|Schinkenspeck
Kochschinken	Schinken|gekochter Schinken|Schinkenwürfel
Räucherlachs	geräucherter Lachs|Lachs geräuchert
mittelscharfer Senf	Senf|Dijonsenf|Dijon-Senf|scharfer Senf|Tafelsenf
Sojasauce	Sojasoße|Sojasosse
Worcestersauce	Worcestershiresauce|Worcestersoße|Worcestershire-Sauce
Basilikumpesto	Pesto|grünes Pesto|Pesto Genovese
Xanthan	Xanthangummi
Guarkernmehl	Guar
Johannisbrotkernmehl	Carubin
Flohsamenschalen	ganze Flohsamenschalen
Flohsamenschalenpulver	gemahlene Flohsamenschalen|Flohsamenpulver
gemahlene Gelatine	Gelatinepulver|Pulvergelatine|Gelatine gemahlen
Blattgelatine	Gelatine|Blatt Gelatine|Gelatineblätter|Gelatineblatt|Blätter Gelatine|weiße Gelatine
Agar-Agar	Agar|Agar-Agar-Pulver
Pektinpulver	Pektin|Apfelpektin|Geliermittel
Methylcellulose	Methylzellulose
CMC-Pulver	Carboxymethylcellulose|CMC
Sonnenblumenlecithin	Lecithin|Lezithin
Inulin	Inulinpulver
Lebensmittelglycerin	Glycerin|Glyzerin
Erbsenproteinpulver	Erbsenprotein|Erbseneiweiß
Molkenproteinpulver	Molkenprotein|Molkeneiweiß|Whey-Protein|Proteinpulver|Eiweißpulver|Wheypulver
Marzipan	Modelliermarzipan|Marzipandecke|angewirktes Marzipan
Marzipanrohmasse	Marzipan-Rohmasse|Rohmarzipan|Rohmasse|Marzipanrohmassen
Rollfondant	Fondant|Zuckermasse|Dekorfondant|Tortendecke
Eiweißspritzglasur (Pulver)	Royal-Icing-Mischung|Royal Icing|Spritzglasurpulver
fertige Vanille-Buttercreme	Buttercreme|Vanillebuttercreme
fertiges Schokoladenfrosting	Schokoladenfrosting|Schoko-Frosting
Marshmallows	Marshmallow|Mini-Marshmallows|Mäusespeck
Marshmallowcreme	Marshmallow-Creme
Toffeestückchen	Toffeesplitter|Karamellsplitter
weiche Karamellbonbons	Karamellbonbons|Karamellen|Sahnekaramellen|Sahnebonbons|Toffees
bunte Zuckerstreusel	Zuckerstreusel|bunte Streusel|Liebesperlen|Nonpareilles|Streudekor
gefrorenes Schlagcreme-Topping	Schlagcreme (TK)
Schlagcremepulver	Dessertcremepulver|Schlagschaumpulver
Puddingpulver ohne Kochen	Instant-Puddingpulver|Cremepulver ohne Kochen|Instantpudding
Sahnesteif	Sahnefestiger|Sahnestandmittel|Sahne-Steif|Sahnefestigers
neutrale Spiegelglasur	Spiegelglasur|neutraler Glanzguss|Glasurgelee
Orangenextrakt	Orangenaroma|Backaroma Orange
Orangenöl	Orangenschalenöl
Kewrawasser	Pandanusblütenwasser
Ube-Extrakt	Ube-Aroma
geräuchertes Paprikapulver	Räucherpaprika|Paprikapulver geräuchert|Pimentón
getrockneter Thymian	Thymian|gerebelter Thymian
getrockneter Oregano	Oregano|gerebelter Oregano
getrocknete Bockshornkleeblätter	Bockshornkleeblätter|Kasuri Methi
frische Petersilie	Petersilie|glatte Petersilie|Petersilien
frisches Koriandergrün	Koriandergrün|frischer Koriander|Korianderblätter
Damaszenerpflaumen	Kriechenpflaumen|Damaszenerpflaume|Haferpflaumen|Krieche
Gin	Wacholderbrand
Zitronenlikör	Limoncello|Zitronen-Likör
Marsala	Madeira|Marsalawein
Rotweinessig	Rotwein-Essig|dunkler Weinessig
Fruchtsalz	Brausepulver (Fruchtsalz)
Molke	frische Molke|Süßmolke|Sauermolke|Kurmolke
Weizenvollkorn-Frühstückskissen	Weizen-Vollkornbiskuits|Weizenvollkornriegel
Cornflakes	Maisflocken|Corn Flakes
Semmelbrösel	Paniermehl|Brösel|Semmelbröseln|Weckmehl|trockene Brotkrumen|Zwiebackbrösel
Vollkornbutterkeks-Brösel	Butterkekse|Butterkeks|Vollkornkekse|Keksbrösel|zerbröselte Kekse|Kekse|Vollkornbutterkekse
Matzemehl	Mazzenmehl|Matzenmehl
gekochter Reis	gekochten Reis|Reis gekocht
gekochte Quinoa	gekochter Quinoa|Quinoa gekocht
Puffreis	gepuffter Reis|Knusperreis
Birnen aus der Dose	Dosenbirnen|Birnenhälften|Birnen (Dose)
Mandarinen aus der Dose	Mandarinen|Dosenmandarinen|Mandarin-Orangen|Mandarinorangen|Mandarinen (Dose)|Mandarine
Grapefruit	Pampelmuse|Grapefruits
Erdnussbutter-Chips	Erdnussbuttertropfen|Erdnussbutterchips
Honigwabentoffee	Wabentoffee|Schaumkaramell
fertige Vanillesauce	Vanillesauce|Vanillesoße|Vanillepudding|fertiger Vanillepudding|Vanillesosse

`;
