<?php

declare(strict_types=1);

use App\Kernel;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\Filesystem\Filesystem;

require dirname(__DIR__).'/vendor/autoload.php';

(new Dotenv())->bootEnv(dirname(__DIR__).'/.env');

// A database of its own, made anew; each test then runs in a transaction that is rolled back.
(new Filesystem())->remove([dirname(__DIR__).'/var/cache/test', dirname(__DIR__).'/var/test.db', dirname(__DIR__).'/var/test.db-wal', dirname(__DIR__).'/var/test.db-shm']);
(new Filesystem())->touch(dirname(__DIR__).'/var/test.db');
$kernel = new Kernel('test', false);
$kernel->boot();
$application = new Application($kernel);
$application->setAutoExit(false);
$application->run(new ArrayInput(['command' => 'doctrine:migrations:migrate', '--no-interaction' => true, '--quiet' => true]), new NullOutput());
$kernel->shutdown();
