<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

/** Answers a few requests and writes down which files that took, so that the server can hold them ready. */
final class PreloadListCommand extends Command
{
    protected $signature = 'mixer:preload-list {file : where to write the list, one path a line}';

    protected $description = 'Write the list of files that the server preloads';

    public function handle(Kernel $kernel): int
    {
        $plan = '{"recipe":"kitchen-oil-by-the-quart","make":{"amount":1.5,"unit":"[gal_us]"},"sprayer":{"amount":1,"unit":"[gal_us]"},"plant":"ordinary-leaf","water":{"hardness":{"amount":120,"unit":"mg/L"}}}';
        $json = ['CONTENT_TYPE' => 'application/json', 'REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => '127.0.0.1'];
        $before = get_included_files();
        foreach ([['GET', '/api/ping', null], ['POST', '/api/plan', $plan], ['GET', '/api/recipes', null], ['GET', '/api/today', null], ['GET', '/api/worked', null]] as [$method, $path, $body]) {
            $kernel->handle(Request::create("http://127.0.0.1{$path}", $method, [], [], [], $json, $body));
        }
        // Data files return arrays and closures: they are read, not compiled ahead; the lines among them are classes.
        $files = array_filter(
            [...$before, ...get_included_files()],
            static fn(string $file): bool => ! str_contains($file, '/Console/') && ! str_contains($file, '/console/') && (! str_contains($file, '/core/data/') || str_contains($file, '/core/data/lines/'))
                && ! str_contains($file, '/bootstrap/') && ! str_contains($file, '/cache/') && ! str_ends_with($file, '/artisan'),
        );
        $target = $this->argument('file');
        file_put_contents(is_string($target) ? $target : 'php://stdout', implode("\n", array_unique($files)) . "\n");

        return self::SUCCESS;
    }
}
