<?php

declare(strict_types=1);

/*
 * How a leaf test is planned. All of it common practice, no source, but for the leaves beside, which every trial has
 * (EPPO PP 1/135, from memory).
 */
return [
    'leaves' => [
        'One plant in good shape, not a droughted or a freshly moved one.',
        'An old leaf, a new one and one between: new growth burns first. Leave grazed leaves out: they soak it up.',
        'Beside them one leaf with plain water, and one left alone. Only what those two do not show is laid to the spray.',
        'Tie a thread to each stalk, or write the number on tape: 1, 2, 3 and so on, water, untouched.',
    ],
    'when' => [
        'Wet both sides in the evening, as you would spray, and keep sun and lamp off until dry.',
        'Look after 24 hours and decide after 48. Take 72 for oil on thick or waxy leaves, where burn comes slowly.',
        'An early clean look closes nothing; a mark counts whenever you see it.',
    ],
    'waits' => [
        48 => 'What most do: strong sun shows its harm only after a day or two.',
        24 => 'A day sooner; slow burns are missed.',
        72 => 'For slow burners: oil on thick or waxy leaves, cool dull weather.',
    ],
    'roles' => ['sprayed' => 'sprayed', 'water' => 'water only', 'untouched' => 'untouched'],
    'rungs' => ['1' => 'full strength', '0.5' => 'half', '0.25' => 'a quarter'],
];
