<?php

declare(strict_types=1);

return [
    'water-first' => 'Water it through, stand it in the shade, and spray tomorrow at the earliest.',
    'bin' => 'Bin or burn the whole plant, not on the compost; clean hands, knife and pot.',
    'isolate' => 'Move it away from the other plants.',
    'quarantine' => 'Keep newcomers apart for three to four weeks, and look at them once a week.',
    'cut-out' => 'Cut out what is beyond help; bin or burn it, no compost: its scent draws pests.',
    'water-jet' => 'Wash it off with a hard jet of water, undersides first.',
    'soft-shower' => 'Wash it off with a soft shower, a hand behind the leaf.',
    'soft-brush' => 'Brush them off with a soft, dry brush; swab what sits tight.',
    'hand-pick' => 'Pick them off by hand.',
    'pick-at-dusk' => 'Go again at dusk with a torch.',
    'wipe' => 'Wipe leaves and stems; swab single insects.',
    'break-webs' => 'Brush and break the webs: through them no spray reaches the mites.',
    'brush-bark' => 'Brush off loose bark before winter oil.',
    'strip-spots' => 'Strip spotted leaves and pick up what fell.',
    'water-soil' => 'Water the soil, not the leaf; mulch against splash.',
    'dry-out' => 'Let the top of the soil dry before it is watered again.',
    'change-soil' => 'Change the soil, or scald it and let it cool; clean the pot.',
    'turn-bed' => 'Turn the bed over and let the birds at it.',
    'less-feed' => 'Less nitrogen for a while: soft growth draws them.',
    'ants' => 'Keep the ants off: they guard the honeydew.',
    'look-again' => 'Look again, under the leaves and in the joints.',
];
