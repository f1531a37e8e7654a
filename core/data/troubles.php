<?php

declare(strict_types=1);

/*
 * What it can be. `commonness` is a weight against the others; `signs` says how often each sign is there when this is the
 * trouble: u(sual) 85 %, o(ften) 55 %, s(ometimes) 25 %, n(ever) 0.5 %; what is not named is as common as anywhere.
 * The pairings are common practice, the shares are our own reading of "usually, often, sometimes".
 * `counted` is what is counted where a case can be opened; `stages` are what sprays must be chosen by.
 */
$trouble = static fn(string $name, string $kind, float $commonness, array $signs, string $matters, array $stages = ['any']): array => [
    'name' => $name, 'kind' => $kind, 'commonness' => $commonness, 'signs' => $signs, 'matters' => $matters, 'stages' => $stages, 'source' => 'practice',
];

return [
    'aphids' => $trouble('Aphids', 'insect', 10, ['clusters-on-tips' => 'u', 'honeydew' => 'o', 'ants' => 'o', 'cast-skins' => 'o', 'curled-tips' => 'o', 'newest-worst' => 'o', 'sooty-film' => 's', 'webs' => 'n', 'white-fluff' => 'n'], 'Soft; die within hours of soap, look browned next day.') + ['counted' => 'aphids on ten tips'],
    'mealybugs' => $trouble('Mealybugs', 'insect', 7, ['over-weeks' => 'o', 'white-fluff' => 'u', 'fluff-smears' => 'u', 'honeydew' => 'o', 'leaf-drop' => 's', 'sooty-film' => 's', 'ants' => 's', 'clusters-on-tips' => 'n', 'webs' => 'n'], 'Waxed; eggs hatch within 7 to 10 days, up to 45 in the cold.', ['adults', 'crawlers']) + ['counted' => 'mealybugs in ten leaf joints'],
    'spider-mites' => $trouble('Spider mites', 'mite', 8, ['over-weeks' => 'o', 'stipple' => 'u', 'moving-specks' => 'u', 'webs' => 'o', 'yellow-patches' => 'o', 'hot-dry-air' => 'o', 'leaf-drop' => 's', 'honeydew' => 'n', 'ants' => 'n'], 'No insects: insect-only products fail. Eggs lie in the grooves.', ['active', 'eggs']) + ['counted' => 'specks on five papers, ten taps each'],
    'flat-mites' => $trouble('Flat mites', 'mite', 2, ['bronzing' => 'u', 'moving-specks' => 's', 'yellow-patches' => 'o', 'leaf-drop' => 's', 'webs' => 'n', 'honeydew' => 'n', 'stipple' => 's'], 'Make no web and shrug off water.', ['active', 'eggs']) + ['counted' => 'specks on five papers, ten taps each'],
    'scale' => $trouble('Scale', 'insect', 6, ['over-weeks' => 'o', 'domes' => 'u', 'honeydew' => 'o', 'crawlers' => 's', 'ants' => 'o', 'sooty-film' => 'o', 'leaf-drop' => 's', 'webs' => 'n'], 'Adults sit under a shield; crawlers are soft.', ['adults', 'crawlers', 'winter']) + ['counted' => 'crawlers and young domes on five stems'],
    'whitefly' => $trouble('Whitefly', 'insect', 5, ['white-flies' => 'u', 'honeydew' => 'o', 'sooty-film' => 's', 'yellow-patches' => 's', 'cast-skins' => 's', 'webs' => 'n'], 'Only what is wetted dies: undersides, and repeat.') + ['counted' => 'nymphs under ten leaves (flies are only a hint)'],
    'thrips' => $trouble('Thrips', 'insect', 4, ['silvering' => 'u', 'slender-insects' => 'u', 'curled-tips' => 's', 'moving-specks' => 's', 'newest-worst' => 's', 'webs' => 'n', 'honeydew' => 'n'], 'Hide in folds and flowers: repeat.') + ['counted' => 'thrips on five papers, ten taps each'],
    'leaf-beetles' => $trouble('Leaf beetles', 'insect', 3, ['beetles' => 'u', 'yellow-eggs' => 'o', 'holes' => 'u', 'slime' => 'n', 'webs' => 'n'], 'Pick by hand; neem puts larvae off feeding.', ['adults', 'larvae']) + ['counted' => 'grubs and beetles on five plants'],
    'caterpillars' => $trouble('Caterpillars', 'insect', 5, ['overnight' => 's', 'caterpillars' => 'u', 'holes' => 'u', 'slime' => 'n', 'beetles' => 'n'], 'These sprays do little: pick them off.') + ['counted' => 'caterpillars on five plants'],
    'slugs' => $trouble('Slugs and snails', 'other', 6, ['overnight' => 'o', 'slime' => 'u', 'holes' => 'u', 'after-wet-weeks' => 'o', 'from-below' => 's', 'caterpillars' => 'n', 'beetles' => 'n'], 'These sprays do nothing: pick them off at dusk.') + ['counted' => 'slugs and snails at dusk'],
    'fungus-gnats' => $trouble('Fungus gnats', 'soil', 5, ['soil-flies' => 'u', 'lately-watered-much' => 'u', 'white-flies' => 'n', 'holes' => 'n'], 'Let the soil dry; most sprays do little.') + ['counted' => 'flies on two yellow cards after a day'],
    'grubs' => $trouble('Grubs and wireworm', 'soil', 3, ['soil-grubs' => 'u', 'gnawed-roots' => 'u', 'limp-on-wet' => 's', 'slime' => 'n'], 'A drench before planting; not with plants in the bed.') + ['counted' => 'grubs in five spades of soil'],
    'blister-mites' => $trouble('Blister mites', 'mite', 2, ['blisters' => 'u', 'newest-worst' => 's', 'webs' => 'n', 'honeydew' => 'n'], 'Winter oil before the buds break.', ['winter']) + ['counted' => 'blisters on the newest ten leaves'],
    'overwintering-eggs' => $trouble('Overwintering eggs', 'insect', 2, ['wood-eggs' => 'u', 'honeydew' => 'n', 'webs' => 'n'], 'Winter oil on dry, bare wood.', ['winter']) + ['counted' => 'egg clusters on five twigs'],
    'powdery-mildew' => $trouble('Powdery mildew', 'fungus', 7, ['white-film' => 'u', 'curled-tips' => 's', 'newest-worst' => 's', 'fluff-smears' => 'n', 'honeydew' => 'n'], 'A film on the leaf: soda, oil, half-strength neem.') + ['counted' => 'percent of white film, added up over the newest ten leaves'],
    'early-blight' => $trouble('Early blight', 'fungus', 4, ['ringed-spots' => 'u', 'from-below' => 'u', 'after-wet-weeks' => 'o', 'yellow-patches' => 'o', 'fringed-spots' => 'n'], 'Splashes up from the soil: strip spotted leaves first.') + ['counted' => 'new spots on ten leaves'],
    'black-spot' => $trouble('Black spot', 'fungus', 4, ['fringed-spots' => 'u', 'leaf-drop' => 'o', 'after-wet-weeks' => 'o', 'from-below' => 'o', 'yellow-patches' => 'o', 'ringed-spots' => 'n'], 'Pick up what fell; spray what is still clean.') + ['counted' => 'new spots on ten leaves'],
    'rust' => $trouble('Rust', 'fungus', 4, ['pustules' => 'u', 'yellow-patches' => 'o', 'after-wet-weeks' => 'o', 'from-below' => 's', 'white-film' => 'n'], 'Strip the worst leaves; soda and oil on the rest.') + ['counted' => 'fresh pustules on ten leaves'],
    'leaf-miner' => $trouble('Leaf miner', 'insect', 2, ['tunnels' => 'u', 'yellow-patches' => 's', 'webs' => 'n', 'honeydew' => 'n'], 'The grub sits inside the leaf, where no spray reaches: pick off and bin what is tunnelled.') + ['counted' => 'new tunnels on the newest ten leaves'],
    'broad-mites' => $trouble('Broad mites', 'mite', 1.5, ['hard-twisted' => 'u', 'newest-worst' => 'u', 'curled-tips' => 'o', 'bronzing' => 'o', 'webs' => 'n', 'moving-specks' => 'n', 'clean-new-growth' => 'n'], 'Too small to be seen by eye: cut out the twisted tips, oil on the rest.') + ['counted' => 'percent twisted, added up over the newest ten tips'],
    'virus' => $trouble('A virus', 'inside', 1.5, ['mosaic' => 'u', 'curled-tips' => 'o', 'newest-worst' => 'o', 'webs' => 'n', 'white-film' => 'n'], 'No spray reaches it: discard the plant, stop what carries it.'),
    'rot' => $trouble('Rot at the base', 'inside', 3, ['soft-base' => 'u', 'limp-on-wet' => 'u', 'lately-watered-much' => 'o', 'leaf-drop' => 's', 'limp-on-dry' => 'n'], 'No spray reaches it: take a clean cutting.'),
    'overwatering' => $trouble('Too much water', 'care', 6, ['over-weeks' => 'o', 'limp-on-wet' => 'u', 'lately-watered-much' => 'u', 'yellow-patches' => 'o', 'leaf-drop' => 'o', 'pale-old-leaves' => 's', 'limp-on-dry' => 'n'], 'Let it dry; no pest.'),
    'drought' => $trouble('Drought', 'care', 5, ['brown-tips' => 'o', 'limp-on-dry' => 'u', 'hot-dry-air' => 'o', 'leaf-drop' => 'o', 'yellow-patches' => 's', 'limp-on-wet' => 'n'], 'Water it before anything is sprayed.'),
    'sunburn' => $trouble('Sunburn', 'care', 4, ['overnight' => 'o', 'bleached' => 'u', 'clean-new-growth' => 'o', 'brown-tips' => 's', 'lately-moved' => 'o', 'hot-dry-air' => 'o', 'webs' => 'n', 'moving-specks' => 'n'], 'Shade it; old scars stay.'),
    'cold' => $trouble('Cold', 'care', 3, ['overnight' => 'u', 'black-after-cold' => 'u', 'lately-moved' => 's', 'leaf-drop' => 's', 'webs' => 'n'], 'Wait and see what shoots again.'),
    'spray-burn' => $trouble('Burn from a spray', 'care', 3, ['wet-marks' => 'u', 'after-spray' => 'u', 'clean-new-growth' => 'u', 'bleached' => 'o', 'brown-tips' => 'o', 'overnight' => 'o', 'leaf-drop' => 's', 'webs' => 'n', 'moving-specks' => 'n', 'lately-moved' => 'n'], 'Marked where it was wet; old marks stay. Find out which batch it was, weaken it, and test two leaves first.') + ['by_spray' => true],
    'edema' => $trouble('Edema', 'care', 2, ['corky-bumps' => 'u', 'lately-watered-much' => 'o', 'from-below' => 's', 'webs' => 'n', 'moving-specks' => 'n'], 'More water than the leaf can give off: water less, more air and light.'),
    'salt-burn' => $trouble('Salt burn', 'care', 2, ['salt-crust' => 'u', 'brown-tips' => 'u', 'over-weeks' => 'o', 'leaf-drop' => 's', 'webs' => 'n', 'moving-specks' => 'n'], 'Too much feed or hard water: rinse the pot through with soft water.'),
    'hunger' => $trouble('Lack of feed', 'care', 4, ['over-weeks' => 'u', 'pale-old-leaves' => 'u', 'pale-between-veins' => 'o', 'leaf-drop' => 's', 'moving-specks' => 'n', 'webs' => 'n'], 'Feed it; no pest.'),
];
