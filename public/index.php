<?php

declare(strict_types=1);

use App\Http\Arrival;
use Illuminate\Foundation\Application;

define('LARAVEL_START', microtime(true));

require __DIR__ . '/../bootstrap/autoload.php';

/** @var Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';

$app->handleRequest(Arrival::capture());
