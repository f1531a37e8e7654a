<?php

declare(strict_types=1);

/*
 * What can be seen, by where one looks. `drawing` names one of the drawings of the screen. `usual` is how often such a sign
 * is there for no reason that matters: our own choice, from 1 in 50 upwards.
 */
$sign = static fn(string $group, string $words, string $drawing, float $usual = 0.03): array => ['group' => $group, 'words' => $words, 'drawing' => $drawing, 'usual' => $usual, 'source' => 'house'];

return [
    // Living things.
    'clusters-on-tips' => $sign('creatures', 'Clusters of small soft insects on tips or stems', 'clusters', 0.008),
    'white-fluff' => $sign('creatures', 'White fluff in leaf joints or along veins', 'fluff', 0.008),
    'domes' => $sign('creatures', 'Brown or grey domes stuck to stems or veins', 'domes', 0.008),
    'crawlers' => $sign('creatures', 'Red-brown crawlers the size of a pin prick', 'specks', 0.008),
    'white-flies' => $sign('creatures', 'A cloud of tiny white flies when the plant is knocked', 'flies', 0.008),
    'moving-specks' => $sign('creatures', 'Specks that move on white paper after a tap', 'specks', 0.015),
    'slender-insects' => $sign('creatures', 'Slender insects, a grain of rice cut in ten, quick to hide', 'slender', 0.008),
    'beetles' => $sign('creatures', 'Striped or shiny beetles on the leaves', 'beetle', 0.008),
    'yellow-eggs' => $sign('creatures', 'Yellow or orange eggs in clumps under leaves', 'eggs', 0.008),
    'caterpillars' => $sign('creatures', 'Caterpillars, or dark droppings on the leaves', 'caterpillar', 0.008),
    'slime' => $sign('creatures', 'Silvery slime trails', 'slime', 0.008),
    'soil-flies' => $sign('creatures', 'Small dark flies running over the soil', 'flies', 0.008),
    'soil-grubs' => $sign('creatures', 'Pale, curled or wiry grubs in the soil', 'grub', 0.008),
    'wood-eggs' => $sign('creatures', 'Clusters of tiny eggs on bare twigs', 'twig', 0.008),
    // Traces.
    'honeydew' => $sign('traces', 'A sticky shine on leaves or on the sill', 'shine'),
    'ants' => $sign('traces', 'Ants going up and down the stem', 'ants', 0.08),
    'cast-skins' => $sign('traces', 'White cast skins lying on leaves', 'specks'),
    'webs' => $sign('traces', 'Fine webs between leaves or under them', 'web', 0.04),
    'sooty-film' => $sign('traces', 'A black sooty film that wipes off', 'film'),
    'fluff-smears' => $sign('traces', 'Fluff that smears pink or brown under a swab of alcohol', 'swab', 0.01),
    // Marks on leaves.
    'stipple' => $sign('marks', 'Pale pin pricks all over the leaf', 'stipple', 0.008),
    'silvering' => $sign('marks', 'Silvery scrapes with dark dots', 'silver', 0.008),
    'bronzing' => $sign('marks', 'Dull, bronzed or scarred leaves, no web', 'patches', 0.04),
    'yellow-patches' => $sign('marks', 'Yellow patches', 'patches', 0.12),
    'holes' => $sign('marks', 'Holes or eaten edges', 'holes', 0.06),
    'ringed-spots' => $sign('marks', 'Brown spots with rings like a target', 'rings', 0.008),
    'fringed-spots' => $sign('marks', 'Black spots with a feathered edge and yellow around', 'spots', 0.008),
    'pustules' => $sign('marks', 'Orange or brown powder in bumps under the leaf', 'pustules', 0.008),
    'white-film' => $sign('marks', 'A white, floury film on leaves', 'film', 0.008),
    'blisters' => $sign('marks', 'Blistered bumps, pale or furry below', 'blisters', 0.008),
    'mosaic' => $sign('marks', 'A light and dark green mosaic, leaves twisted', 'mosaic', 0.008),
    'curled-tips' => $sign('marks', 'Curled or crippled tips', 'curl', 0.06),
    'leaf-drop' => $sign('marks', 'Leaves drop', 'drop', 0.12),
    'wet-marks' => $sign('marks', 'Marks just where a spray stood: edges, tips, drips', 'patches', 0.008),
    'tunnels' => $sign('marks', 'Winding pale tunnels inside the leaf', 'tunnel', 0.008),
    'hard-twisted' => $sign('marks', 'Newest leaves hard, twisted, bronzed, and nothing to be seen on them', 'curl', 0.008),
    'corky-bumps' => $sign('marks', 'Corky or glassy bumps under the leaf', 'blisters', 0.008),
    'brown-tips' => $sign('marks', 'Brown, dry tips and edges', 'tip', 0.06),
    // The plant as a whole.
    'clean-new-growth' => $sign('plant', 'What has grown since is clean', 'tip', 0.25),
    'salt-crust' => $sign('plant', 'A white crust on the soil or the pot', 'film', 0.03),
    'soft-base' => $sign('plant', 'A soft, dark stem base, or a smell of rot', 'rot', 0.008),
    'limp-on-wet' => $sign('plant', 'Limp although the soil is wet', 'limp'),
    'limp-on-dry' => $sign('plant', 'Limp or crisp, and the soil is dry', 'limp'),
    'bleached' => $sign('plant', 'Bleached, papery patches on the sunny side', 'patches', 0.008),
    'black-after-cold' => $sign('plant', 'Dark and limp after a cold night', 'limp', 0.008),
    'pale-old-leaves' => $sign('plant', 'The oldest leaves turn evenly pale', 'pale', 0.06),
    'pale-between-veins' => $sign('plant', 'Pale between green veins', 'pale'),
    'gnawed-roots' => $sign('plant', 'Holes in roots or tubers', 'holes', 0.02),
    // What went before.
    'from-below' => $sign('before', 'It began with the lowest leaves and climbs', 'climb', 0.12),
    'newest-worst' => $sign('before', 'The newest leaves are the worst', 'tip', 0.15),
    'overnight' => $sign('before', 'It came overnight, or within a day', 'sun', 0.1),
    'over-weeks' => $sign('before', 'It has crept in over weeks', 'climb', 0.2),
    'after-wet-weeks' => $sign('before', 'After wet weeks', 'rain', 0.2),
    'hot-dry-air' => $sign('before', 'In hot, dry air', 'sun', 0.15),
    'after-spray' => $sign('before', 'It was sprayed within the three days before', 'rain', 0.1),
    'lately-moved' => $sign('before', 'Since it was moved or put outdoors', 'move', 0.1),
    'lately-watered-much' => $sign('before', 'Watered often, pot stands wet', 'rain', 0.12),
];
