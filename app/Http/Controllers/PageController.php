<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The one page that the interface lives in. */
final class PageController
{
    public function __invoke(): View
    {
        return view('page');
    }
}
