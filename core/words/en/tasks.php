<?php

declare(strict_types=1);

/*
 * What needs doing, by kind of task; `do` names the action, `short` the same in a word or two.
 */
return [
    'finish-run' => ['text' => 'Go on in the bed: {about}', 'do' => 'Go on spraying', 'short' => 'Go on'],
    'finish-mixing' => ['text' => 'Finish mixing {about}', 'do' => 'Go on mixing', 'short' => 'Go on'],
    'read-leaf-test' => ['text' => 'Look at the test leaves: {about}', 'do' => 'Say how they look', 'short' => 'Look'],
    'discard' => ['text' => 'Throw away what is left of {about}', 'do' => 'See the batch', 'short' => 'See it'],
    'stands' => ['text' => '{about}: {state}', 'do' => '', 'short' => ''],
    'count-after' => ['text' => 'Count again: {about}', 'do' => 'Count', 'short' => 'Count'],
    'look-over' => ['text' => 'Look over {about}', 'do' => 'Say how it looks', 'short' => 'Look'],
    'look-at-burn' => ['text' => 'Look at the burnt leaves of {about}: new marks, or only the old ones?', 'do' => 'See what may be done', 'short' => 'Look'],
    'next-round' => ['text' => 'Next round: {about}', 'do' => 'Open the case', 'short' => 'Go on'],
    'first-round' => ['text' => 'To be sprayed: {about}', 'do' => 'Open the case', 'short' => 'Go on'],
    'trial-count' => ['text' => 'Count all of the trial: {about}', 'do' => 'Count them', 'short' => 'Count'],
    'trial-spray' => ['text' => 'Spray each with its own: {about}', 'do' => 'See who gets what', 'short' => 'See'],
    'trial-end' => ['text' => 'Say what came of the trial: {about}', 'do' => 'See what it says', 'short' => 'See'],
    'course-round' => ['text' => 'Spray all of them: {about}', 'do' => 'Open the course', 'short' => 'See'],
    'course-clear' => ['text' => 'Clear of pests: {about}', 'do' => 'Put them with the others', 'short' => 'See'],
    'course-look' => ['text' => 'Look over {about}', 'do' => 'Look them over', 'short' => 'Look'],
];
