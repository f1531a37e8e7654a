<?php

declare(strict_types=1);

return [
    'name' => 'Late blight',
    'matters' => 'It runs through a bed within days of wet, cool weather: pull what has it, pick what is sound, tell the neighbours.',
    'counted' => 'new patches on ten leaves',
    'look' => 'Ten leaves that were clean when they were chosen, all over the plant. New patches only.',
];
