<?php

declare(strict_types=1);

namespace App\Records;

/** Something that the notebook cannot do as it stands; the message is for the person who asked. */
class Conflict extends \RuntimeException {}
