<?php

declare(strict_types=1);

/*
 * What is done before any spray, and when: `kinds` or `troubles` that it is for, `place` where, `hours` after the case was
 * opened. All of it common practice.
 */
$step = static fn(string $words, array $for, string $place = 'any', int $hours = 0): array => ['words' => $words, 'for' => $for, 'place' => $place, 'hours' => $hours, 'source' => 'practice'];

return [
    'isolate' => $step('Move it away from the other plants.', ['insect', 'mite', 'fungus'], 'indoors'),
    'quarantine' => $step('Keep newcomers apart for three to four weeks, and look at them once a week.', ['insect', 'mite'], 'indoors', 24),
    'cut-out' => $step('Cut out what is beyond help; bin or burn it, not on the compost.', ['insect', 'mite', 'fungus']),
    'water-jet' => $step('Wash it off with a hard jet of water, undersides first.', ['aphids', 'whitefly', 'spider-mites', 'thrips']),
    'hand-pick' => $step('Pick them off by hand.', ['leaf-beetles', 'caterpillars', 'slugs']),
    'pick-at-dusk' => $step('Go again at dusk with a torch.', ['slugs', 'caterpillars'], 'outdoors', 12),
    'wipe' => $step('Wipe leaves and stems; swab single insects.', ['mealybugs', 'scale', 'aphids'], 'indoors'),
    'break-webs' => $step('Brush and break the webs: through them no spray reaches the mites.', ['spider-mites']),
    'brush-bark' => $step('Brush off loose bark before winter oil.', ['overwintering-eggs', 'blister-mites'], 'outdoors'),
    'strip-spots' => $step('Strip spotted leaves and pick up what fell.', ['early-blight', 'black-spot', 'rust', 'powdery-mildew']),
    'water-soil' => $step('Water the soil, not the leaf; mulch against splash.', ['early-blight', 'black-spot', 'rust'], 'outdoors'),
    'dry-out' => $step('Let the top of the soil dry before it is watered again.', ['fungus-gnats']),
    'change-soil' => $step('Change the soil, or scald it and let it cool; clean the pot.', ['mealybugs', 'fungus-gnats', 'grubs'], 'indoors', 48),
    'turn-bed' => $step('Turn the bed over and let the birds at it.', ['grubs'], 'outdoors'),
    'less-feed' => $step('Less nitrogen for a while: soft growth draws them.', ['aphids', 'whitefly', 'spider-mites'], 'any', 24),
    'ants' => $step('Keep the ants off: they guard the honeydew.', ['aphids', 'scale', 'mealybugs'], 'outdoors', 24),
    'look-again' => $step('Look again, under the leaves and in the joints.', ['insect', 'mite', 'fungus', 'soil', 'other'], 'any', 72),
];
