<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Preload;
use App\Words\Language;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The one page that the interface lives in. */
final class PageController
{
    public function __invoke(Request $request): View
    {
        // Who reads is looked up for their language alone, where there is more than one: the page opens also where the database is away.
        if (count(Language::codes()) > 1) {
            rescue(fn () => Auth::user(), report: false);
        }
        $code = Language::current();

        return view('page', Preload::of($request->path()) + ['language' => $code, 'words' => $code === Language::ENGLISH ? [] : Language::words($code)]);
    }
}
