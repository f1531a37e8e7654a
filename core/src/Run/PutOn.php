<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

/** How a spray is put on a plant in the bed: which words go with it, and where the drawing shows that it goes. */
enum PutOn: string
{
    /** All leaves to the drip. */
    case Plain = 'plain';
    case RunOff = 'run-off';
    case Oil = 'oil';
    case Mist = 'mist';
    case ByHand = 'by-hand';
    case Drench = 'drench';
    case Dormant = 'dormant';
    case Spot = 'spot';
}
