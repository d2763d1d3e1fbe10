<?php

declare(strict_types=1);

return [
    /** Never in a request: looking through thousands of files takes longer than most answers. The scheduler does it once a day (incastro:purge). */
    'lottery' => [0, 100],
];
