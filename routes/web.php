<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BringInController;
use App\Http\Controllers\CarryInController;
use App\Http\Controllers\ChangeController;
use App\Http\Controllers\DemoController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HouseholdController;
use App\Http\Controllers\LayoutSearchController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\OpenSessionController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PasswordResetController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PieceStartController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ProfileController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\ProjectShelfController;
use App\Http\Controllers\RackController;
use App\Http\Controllers\ReplanController;
use App\Http\Controllers\RevisionController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SecondFactorController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SharedLinkController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\TakeAwayController;
use App\Http\Controllers\TemplateController;
use App\Http\NotForGuests;
use Illuminate\Support\Facades\Route;

// More digits than any revision has would not be a number of the database's.
Route::patterns(['number' => '[0-9]{1,9}', 'from' => '[0-9]{1,9}', 'to' => '[0-9]{1,9}']);

Route::get('/up', HealthController::class);

Route::get('/demo/{room?}/{stage?}', [DemoController::class, 'enter'])->where(['room' => '[a-z-]{1,60}', 'stage' => '[a-z]{1,20}'])->middleware('throttle:240,1,get-demo');
Route::get('/api/session', [SessionController::class, 'show']);
Route::post('/api/sign-in', [SessionController::class, 'store']);
Route::delete('/api/session', [SessionController::class, 'destroy']);
// Who comes in at these is counted by App\Http\Doors, all of them together.
Route::post('/api/account', [AccountController::class, 'store']);
Route::post('/api/account/begin', [AccountController::class, 'open']);
Route::delete('/api/account', [AccountController::class, 'destroy'])->middleware(['auth', NotForGuests::class, 'throttle:10,1,delete-api-account']);
Route::put('/api/account/password', [AccountController::class, 'password'])->middleware(['auth', NotForGuests::class, 'throttle:10,1,put-api-account-password']);
Route::post('/api/sign-in/code', [SessionController::class, 'code']);
Route::middleware(['auth', NotForGuests::class])->prefix('api/account')->group(function (): void {
    Route::get('/sessions', [OpenSessionController::class, 'index']);
    Route::delete('/sessions', [OpenSessionController::class, 'others']);
    Route::delete('/sessions/{open}', [OpenSessionController::class, 'destroy']);
    Route::post('/second', [SecondFactorController::class, 'begin'])->middleware('throttle:10,1,post-account-second');
    Route::put('/second', [SecondFactorController::class, 'confirm']);
    Route::delete('/second', [SecondFactorController::class, 'off'])->middleware('throttle:10,1,delete-account-second');
});
Route::post('/api/forgotten', [PasswordResetController::class, 'store']);
Route::post('/api/reset', [PasswordResetController::class, 'update']);

Route::get('/api/meter', MeterController::class)->middleware('auth');
Route::get('/api/piece-starts', [PieceStartController::class, 'index'])->middleware('auth');

Route::patch('/api/profile', [ProfileController::class, 'update'])->middleware('auth');

Route::prefix('api/look/{token}')->where(['token' => '[A-Za-z0-9]{40}'])->group(function (): void {
    Route::get('/', [LookController::class, 'show'])->middleware('throttle:60,1,get-look');
    Route::get('/picture.svg', [LookController::class, 'picture'])->middleware('throttle:240,1,get-look-picture');
    Route::get('/{file}', [LookController::class, 'file'])->where('file', 'plan\\.pdf|shopping\\.pdf|parts\\.csv')->middleware('throttle:30,1,get-look-file');
});

Route::post('/api/join', [MemberController::class, 'join'])->middleware(['auth', NotForGuests::class]);
Route::middleware('auth')->prefix('api/households')->group(function (): void {
    Route::get('/', [HouseholdController::class, 'index']);
    Route::post('/', [HouseholdController::class, 'store'])->middleware([NotForGuests::class, 'throttle:20,1,post-households']);
    Route::patch('/{household}', [HouseholdController::class, 'update']);
    Route::post('/{household}/invitations', [MemberController::class, 'invite'])->middleware([NotForGuests::class, 'throttle:20,1,post-household-invitations']);
    Route::delete('/{household}/invitations/{invitation}', [MemberController::class, 'callOff']);
    Route::patch('/{household}/members/{member}', [MemberController::class, 'update']);
    Route::delete('/{household}/members/{member}', [MemberController::class, 'destroy']);
});

Route::middleware('auth')->prefix('api/projects')->group(function (): void {
    Route::get('/', [ProjectController::class, 'index']);
    Route::post('/', [ProjectController::class, 'store'])->middleware('throttle:60,1,post-projects');
    Route::post('/new', [ProjectController::class, 'begin']);
    Route::post('/{deleted}/bring-back', [ProjectShelfController::class, 'bringBack']);
    Route::post('/{project}/copy', [ProjectShelfController::class, 'copy'])->middleware('throttle:20,1,post-project-copy');
    Route::patch('/{project}', [ProjectShelfController::class, 'archive']);
    Route::put('/{project}/household', [ProjectShelfController::class, 'move'])->middleware([NotForGuests::class, 'throttle:20,1,put-project-household']);
    Route::delete('/{project}', [ProjectShelfController::class, 'destroy']);
    Route::get('/{project}', [ProjectController::class, 'show']);
    Route::get('/{project}/revisions', [RevisionController::class, 'index']);
    Route::get('/{project}/revisions/{number}', [RevisionController::class, 'show']);
    Route::patch('/{project}/revisions/{number}', [RevisionController::class, 'update']);
    Route::get('/{project}/revisions/{from}/compare/{to}', [RevisionController::class, 'compare'])->middleware('throttle:60,1,get-project-revisions-compare');
    Route::post('/{project}/changes', [ChangeController::class, 'store'])->middleware('throttle:300,1,post-project-changes');
    Route::get('/{project}/plan/{section?}', [PlanController::class, 'show']);
    Route::get('/{project}/parts.csv', [TakeAwayController::class, 'csv'])->middleware('throttle:60,1,get-project-parts-csv');
    Route::post('/{project}/bring-in/readings', [BringInController::class, 'readings'])->middleware('throttle:60,1,post-project-bring-in-readings');
    Route::post('/{project}/bring-in/boards', [BringInController::class, 'boards'])->middleware('throttle:60,1,post-project-bring-in-boards');
    Route::post('/{project}/bring-in/outlines', [BringInController::class, 'outlines'])->middleware('throttle:60,1,post-project-bring-in-outlines');
    Route::get('/{project}/project.zip', [TakeAwayController::class, 'zip'])->middleware('throttle:20,1,get-project-zip');
    Route::get('/{project}/parts.dxf', [TakeAwayController::class, 'dxf'])->middleware('throttle:60,1,get-project-parts-dxf');
    Route::get('/{project}/drawing.svg', [DrawingController::class, 'show'])->middleware('throttle:120,1,get-project-drawing-svg');
    Route::get('/{project}/small.svg', [DrawingController::class, 'small']);
    Route::get('/{project}/links', [SharedLinkController::class, 'index']);
    Route::post('/{project}/links', [SharedLinkController::class, 'store'])->middleware([NotForGuests::class, 'throttle:20,1,post-project-links']);
    Route::delete('/{project}/links/{link}', [SharedLinkController::class, 'destroy']);
    Route::get('/{project}/plan.pdf', [TakeAwayController::class, 'pdf'])->middleware('throttle:60,1,get-project-plan-pdf');
    Route::get('/{project}/booklet.pdf', [TakeAwayController::class, 'booklet'])->middleware('throttle:60,1,get-project-booklet-pdf');
    Route::get('/{project}/record.pdf', [TakeAwayController::class, 'handover'])->middleware('throttle:60,1,get-project-record-pdf');
    Route::get('/{project}/record.json', [TakeAwayController::class, 'handoverJson'])->middleware('throttle:60,1,get-project-record-json');
    Route::get('/{project}/bin-labels.pdf', [TakeAwayController::class, 'bins'])->middleware('throttle:60,1,get-project-bin-labels-pdf');
    Route::post('/{project}/other-side', [ProjectController::class, 'otherSide'])->middleware('throttle:20,1,post-project-other-side');
    Route::get('/{project}/shopping.pdf', [TakeAwayController::class, 'shopping'])->middleware('throttle:60,1,get-project-shopping-pdf');
    Route::get('/{project}/work.ics', [TakeAwayController::class, 'calendar'])->middleware('throttle:60,1,get-project-work-ics');
    Route::get('/{project}/shopping.csv', [TakeAwayController::class, 'shoppingCsv'])->middleware('throttle:60,1,get-project-shopping-csv');
    Route::get('/{project}/labels.pdf', [TakeAwayController::class, 'labels'])->middleware('throttle:60,1,get-project-labels-pdf');
    Route::get('/{project}/measuring-list.pdf', [TakeAwayController::class, 'measuringList'])->middleware('throttle:60,1,get-project-measuring-list-pdf');
    Route::get('/{project}/survey.pdf', [TakeAwayController::class, 'surveySheet'])->middleware('throttle:60,1,get-project-survey-pdf');
    Route::get('/{project}/template.{form}', TemplateController::class)->where('form', 'pdf|svg|dxf')->middleware('throttle:60,1,get-project-template-form');
    Route::get('/{project}/project.json', [TakeAwayController::class, 'json']);
    Route::get('/{project}/space-starts/{kind}', [StartController::class, 'space']);
    Route::get('/{project}/thing-starts/{kind}', [StartController::class, 'thing']);
    Route::get('/{project}/piece-starts/{starter}', [PieceStartController::class, 'show']);
    Route::get('/{project}/carry-in/{piece}', CarryInController::class)->middleware('throttle:60,1,get-project-carry-in-piece');
    Route::get('/{project}/schools/{piece}', SchoolController::class)->middleware('throttle:60,1,get-project-schools-piece');
    Route::put('/{project}/photos/{photo}', [PhotoController::class, 'update'])->where('photo', '[0-7][0-9A-HJKMNP-TV-Z]{25}');
    Route::get('/{project}/photos/{photo}', [PhotoController::class, 'show'])->where('photo', '[0-7][0-9A-HJKMNP-TV-Z]{25}');
    Route::get('/{project}/rack', [RackController::class, 'index']);
    Route::post('/{project}/rack', [RackController::class, 'store'])->middleware('throttle:60,1,post-project-rack');
    Route::patch('/{project}/rack/{piece}', [RackController::class, 'update']);
    Route::delete('/{project}/rack/{piece}', [RackController::class, 'destroy']);
    Route::get('/{project}/library', [LibraryController::class, 'index']);
    Route::post('/{project}/library', [LibraryController::class, 'store'])->middleware('throttle:120,1,post-project-library');
    Route::delete('/{project}/library/{entry}', [LibraryController::class, 'destroy']);
    Route::get('/{project}/library.csv', [LibraryController::class, 'csv'])->middleware('throttle:60,1,get-project-library-csv');
    Route::post('/{project}/library.csv', [LibraryController::class, 'bring'])->middleware('throttle:20,1,post-project-library-csv');
    Route::post('/{project}/places', PlaceController::class)->middleware('throttle:240,1,post-project-places');
    Route::post('/{project}/replan', ReplanController::class)->middleware('throttle:60,1,post-project-replan');
    Route::post('/{project}/layout-searches', [LayoutSearchController::class, 'store'])->middleware('throttle:20,1,post-project-layout-searches');
    Route::get('/{project}/layout-searches/{search}', [LayoutSearchController::class, 'show']);
    Route::delete('/{project}/layout-searches/{search}', [LayoutSearchController::class, 'destroy']);
});

Route::get('/{any?}', PageController::class)->where('any', '(?!api/).*')->name('page');
