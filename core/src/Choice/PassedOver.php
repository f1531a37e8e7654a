<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Why a spray that fits is none of the three. Each has its sentence in `core/words/en/passed-over.php`. */
enum PassedOver: string
{
    case Missing = 'missing';
    case NotHeld = 'not-held';
    case TooWeak = 'too-weak';
    case OilAgain = 'oil-again';
    case SoapOnCopper = 'soap-on-copper';
    case FailedHere = 'failed-here';
    /** It works as one of the three does, which is better here. */
    case SameWay = 'same-way';
    case Behind = 'behind';
}
