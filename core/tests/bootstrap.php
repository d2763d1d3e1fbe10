<?php

declare(strict_types=1);

// The core's tests run from the application's packages, or from the core's own when it is installed alone.
foreach ([__DIR__.'/../vendor/autoload.php', __DIR__.'/../../vendor/autoload.php'] as $autoload) {
    if (is_file($autoload)) {
        require $autoload;
        break;
    }
}
