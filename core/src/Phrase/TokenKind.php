<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What a word of a line is; the letter is its place in the shapes that a line may have. */
enum TokenKind: string
{
    case Number = 'N';
    case Unit = 'U';
    case Percent = 'P';
    case Colon = 'C';
    case Per = 'R';
    case To = 'T';
    case From = 'F';
    case Ingredient = 'I';
    case ByEye = 'E';
    case Water = 'W';
    case MadeUpTo = 'M';
    case Finished = 'X';
    case Parts = 'Q';
    /** Understood and of no weight: “of”, “the”, “about”. */
    case Filler = '';
}
