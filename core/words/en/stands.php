<?php

declare(strict_types=1);

/*
 * What to do after a glass stood, by what it shows (common practice, no source; the amount is our own reckoning).
 */
return [
    'even' => 'Even: it holds. Spray it, and shake again in time.',
    'more-soap' => 'Add {add} to the sprayer, mix for a full minute, and fill a fresh glass.',
    'more-soap-whip' => 'Too little holds this oil. Add {add}, whip or shake hard for two minutes, and fill a fresh glass.',
    'change-water' => 'Scum is soap that hard water has eaten. Start again with rain water, or take soap bark extract or polysorbate instead.',
    'give-up' => 'Three times now: this will not hold. Throw it away, or pour it on an empty bed; do not spray it on leaves.',
    'not-done' => 'Not looked at.',
];
