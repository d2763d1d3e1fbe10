<?php

declare(strict_types=1);

/*
 * Read once by php-fpm when it starts: every class of the core and the application, and those of the framework that any request needs, are linked then and
 * shared by all requests. Without it each request links some eight hundred classes anew before it plans anything. What is printed is left out: the library
 * for PDF sets itself up in the file of its class, which nobody reads where the class is there already.
 */

use Illuminate\Contracts\Http\Kernel;
use Symfony\Component\Finder\Finder;

require __DIR__.'/../../vendor/autoload.php';

(static function (string $root): void {
    try {
        $app = require "$root/bootstrap/app.php";
        $app->make(Kernel::class)->bootstrap();
    } catch (Throwable $why) {
        // Only speed hangs on this: requests say themselves what is wrong.
        error_log("Nothing of the framework is linked ahead: {$why->getMessage()}");
    }
    foreach (['Incastro\\Core\\' => "$root/core/src", 'App\\' => "$root/app"] as $namespace => $folder) {
        foreach (Finder::create()->files()->name('*.php')->in($folder)->notPath('Print') as $file) {
            class_exists($namespace.strtr(substr($file->getRelativePathname(), 0, -4), '/', '\\'));
        }
    }
})(dirname(__DIR__, 2));
