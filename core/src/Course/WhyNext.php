<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** Why a spray comes next. */
enum WhyNext: string
{
    /** Nothing was sprayed yet: the best of those that fit. */
    case First = 'first';
    case GoesOn = 'goes-on';
    case InTurn = 'in-turn';
    /** What was sprayed took too little, twice. */
    case ChangesTack = 'changes-tack';
    /** What was sprayed may not go on any more, or does not fit. */
    case Barred = 'barred';
    case Nothing = 'nothing';
}
