<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** How a course stands. */
enum CourseState: string
{
    case GoOn = 'go-on';
    /** The next act is put off by something that passes. */
    case Wait = 'wait';
    /** What was sprayed is to be given up for something that works in another way. */
    case Change = 'change';
    case End = 'end';
    /** No spray does it, this one does nothing, or what was chosen may not be. */
    case Refuse = 'refuse';
}
