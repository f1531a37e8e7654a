<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;

/** Boots the application over an empty notebook in memory. */
abstract class NotebookTestCase extends TestCase
{
    use RefreshDatabase;

    /** Each test begins to count at one, also where the database goes on counting. */
    protected function afterRefreshingDatabase(): void
    {
        if (DB::getDriverName() === 'pgsql') {
            DB::select("select setval(oid, 1, false) from pg_class where relkind = 'S'");
        }
    }

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__ . '/../../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }
}
