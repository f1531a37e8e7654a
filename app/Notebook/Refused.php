<?php

declare(strict_types=1);

namespace App\Notebook;

/** The notebook cannot be opened as it is; the message says why and the way back. */
final class Refused extends \RuntimeException {}
