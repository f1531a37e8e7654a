<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

/** The one thing that comes next with what is mixed. */
enum BottleAct: string
{
    case StartMixing = 'start-mixing';
    case GoOn = 'go-on';
    case StandTest = 'stand-test';
    /** Oil has come out: what the glass says is done. */
    case Mend = 'mend';
    case LeafTest = 'leaf-test';
    case LookAtLeaves = 'look-at-leaves';
    /** It may go on later: what is waited for passes. */
    case Wait = 'wait';
    /** It may not go on that plant. */
    case Hold = 'hold';
    case Spray = 'spray';
    case GoOnSpraying = 'go-on-spraying';
    case NextLoad = 'next-load';
    case PourFrom = 'pour-from';
    case UseRest = 'use-rest';
    case PourOff = 'pour-off';
    case Nothing = 'nothing';
}
