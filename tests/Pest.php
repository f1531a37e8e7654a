<?php

declare(strict_types=1);

use Tests\Feature\NotebookTestCase;

pest()->extend(NotebookTestCase::class)->in('Feature');
