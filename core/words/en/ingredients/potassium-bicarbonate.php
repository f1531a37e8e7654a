<?php

declare(strict_types=1);

return [
    'name' => 'potassium bicarbonate',
    'words' => ['potassium bicarbonate', 'potassium hydrogen carbonate', 'potassium bicarb', 'bicarbonate of potassium'],
];
