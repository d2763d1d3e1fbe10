<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Preload;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The one page that the interface lives in. */
final class PageController
{
    public function __invoke(Request $request): View
    {
        return view('page', Preload::of($request->path()));
    }
}
