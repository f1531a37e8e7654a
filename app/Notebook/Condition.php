<?php

declare(strict_types=1);

namespace App\Notebook;

/** What stands at the place of the notebook. */
enum Condition: string
{
    /** Nothing yet: this is the first start. */
    case Absent = 'absent';
    case Sound = 'sound';
    case Older = 'older';
    case Newer = 'newer';
    case Damaged = 'damaged';
    /** Sound but for some records that cannot be read: they are set aside. */
    case Patchy = 'patchy';
    case Emptied = 'emptied';
    case Foreign = 'foreign';
    /** Nothing any more: there was one. */
    case Gone = 'gone';

    /** Whether it can be opened, perhaps after it was brought forward. */
    public function opens(): bool
    {
        return $this === self::Sound || $this === self::Older || $this === self::Patchy;
    }
}
