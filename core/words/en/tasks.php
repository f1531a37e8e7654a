<?php

declare(strict_types=1);

/*
 * What needs doing, by kind of task; `do` names the action.
 */
return [
    'finish-run' => ['text' => 'Go on in the bed: {about}', 'do' => 'Go on spraying'],
    'finish-mixing' => ['text' => 'Finish mixing {about}', 'do' => 'Go on mixing'],
    'read-leaf-test' => ['text' => 'Look at the test leaves: {about}', 'do' => 'Say how they look'],
    'discard' => ['text' => 'Throw away what is left of {about}', 'do' => 'See the batch'],
    'stands' => ['text' => '{about}: {state}', 'do' => ''],
    'count-after' => ['text' => 'Count again: {about}', 'do' => 'Count'],
    'look-over' => ['text' => 'Look over {about}', 'do' => 'Say how it looks'],
    'look-at-burn' => ['text' => 'Look at the burnt leaves of {about}: new marks, or only the old ones?', 'do' => 'See what may be done'],
    'next-round' => ['text' => 'Next round: {about}', 'do' => 'Open the case'],
    'first-round' => ['text' => 'Not sprayed yet: {about}', 'do' => 'Open the case'],
    'trial-count' => ['text' => 'Count every leaf of the trial: {about}', 'do' => 'Count them'],
    'trial-spray' => ['text' => 'Spray each with its own: {about}', 'do' => 'See who gets what'],
    'trial-end' => ['text' => 'Say what came of the trial: {about}', 'do' => 'See what it says'],
    'course-round' => ['text' => 'Spray all of them: {about}', 'do' => 'Open the course'],
    'course-look' => ['text' => 'Look over {about}', 'do' => 'Look them over'],
];
