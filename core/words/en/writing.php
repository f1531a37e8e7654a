<?php

declare(strict_types=1);

return [
    'emulsion-writer.shake-again-when-what-tube' => 'Shake again when what the tube draws has lost a fifth of its oil: then the leaves have had too little, and what stays behind grows stronger (our own tolerance, for a tube 15 mm above the bottom).',
    'emulsion-writer.of-in-all' => '{scoop} of {name} in all ({millilitres})',
    'load-writer.load-of' => 'Load {first} of {all}',
    'load-writer.loads-to-of' => 'Loads {first} to {last} of {all}',
    'plan-writer.volumes-are-added-up-alcohol' => 'Volumes are added up; alcohol and water in truth shrink a little when they meet, which is ignored.',
    'plan-writer.one-load' => 'one load',
    'plan-writer.loads' => '{count} loads',
];
