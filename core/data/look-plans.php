<?php

declare(strict_types=1);

/*
 * What a look at each pest is: on how many spots, of what kind, where, and what is told apart. A look takes under a minute; the
 * same spots each time. `how`: count (how many on each), percent (of each leaf's area). Old spots, scars and bodies never count.
 * Where on the plant is common practice; how many spots is our own choice.
 */
$look = static fn(int $spots, string $spot, string $where, array $stages = [], string $how = 'count'): array => ['spots' => $spots, 'spot' => $spot, 'where' => $where, 'stages' => $stages, 'how' => $how, 'source' => 'practice'];

return [
    'aphids' => $look(10, 'tip', 'Ten shoot tips all round the plant, leaves turned over. Living ones; white skins do not count.'),
    'mealybugs' => $look(10, 'joint', 'Ten leaf joints from the base up, and the rim of the pot.', ['egg-sacs' => 'egg sacs', 'crawlers' => 'crawlers', 'adults' => 'adults']),
    'spider-mites' => $look(5, 'paper', 'Five leaves from all heights, each tapped ten times over white paper; count what walks.'),
    'flat-mites' => $look(5, 'paper', 'Five leaves from all heights, each tapped ten times over white paper; count what walks.'),
    'scale' => $look(5, 'stem', 'Five stems, a hand long each. Crawlers and soft young domes; old domes stay.', ['crawlers' => 'crawlers', 'domes' => 'young domes']),
    'whitefly' => $look(10, 'leaf', 'Under ten leaves of the middle third. Nymphs count; flies are only a hint.', ['nymphs' => 'nymphs', 'flies' => 'flies']),
    'thrips' => $look(5, 'paper', 'Five flowers or tips, each tapped ten times over white paper.'),
    'leaf-beetles' => $look(5, 'plant', 'Five plants of the row, both sides of every leaf.', ['eggs' => 'egg clusters', 'larvae' => 'grubs', 'adults' => 'beetles']),
    'caterpillars' => $look(5, 'plant', 'Five plants, or five branches of one, at dusk.'),
    'slugs' => $look(5, 'spot', 'Under five boards or leaves laid out the evening before, at dusk.'),
    'fungus-gnats' => $look(2, 'card', 'Two yellow cards lying on the pot for a day.'),
    'grubs' => $look(5, 'spade', 'Five spades of soil, a hand deep, crumbled on a sheet.'),
    'blister-mites' => $look(10, 'leaf', 'The ten newest full-grown leaves. Blisters on each; old leaves keep theirs.'),
    'overwintering-eggs' => $look(5, 'twig', 'Five twigs, a hand long each, around the buds.'),
    'powdery-mildew' => $look(10, 'leaf', 'The ten newest full-grown leaves. How much of each is white.', [], 'percent'),
    'early-blight' => $look(10, 'leaf', 'Ten leaves that were clean when they were chosen, from the bottom up. New spots only.'),
    'black-spot' => $look(10, 'leaf', 'Ten leaves that were clean when they were chosen, from the bottom up. New spots only.'),
    'rust' => $look(10, 'leaf', 'Ten leaves that were clean when they were chosen. Fresh pustules only.'),
    'leaf-miner' => $look(10, 'leaf', 'The ten newest full-grown leaves. New tunnels only.'),
    'broad-mites' => $look(10, 'tip', 'The ten newest tips. How much of each is twisted.', [], 'percent'),
];
