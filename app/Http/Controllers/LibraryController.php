<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepLibrary;
use App\Models\LibraryEntry;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Document\Reading\PlainText;
use Incastro\Core\Exchange\Csv\CsvNotReadable;
use Incastro\Core\Exchange\Library\Entry;
use Incastro\Core\Exchange\Library\EntryReader;
use Incastro\Core\Exchange\Library\LibraryCsv;
use Incastro\Core\Exchange\Library\Shipped;

/** Bought things and things to store: those that come with the program, and the household's own, reused across its projects. */
final class LibraryController
{
    public function index(Project $project): JsonResponse
    {
        Gate::authorize('view', $project);

        return new JsonResponse(['shipped' => Shipped::entries(),
            'own' => array_map(fn (LibraryEntry $e): array => ['id' => $e->id] + $e->read()->jsonSerialize(), $this->own($project))]);
    }

    public function store(Request $request, Project $project, KeepLibrary $keep): JsonResponse
    {
        Gate::authorize('update', $project);

        return new JsonResponse(['kept' => $keep->of($project->household, [EntryReader::read($request->json()->all())])]);
    }

    public function destroy(Project $project, LibraryEntry $entry): JsonResponse
    {
        Gate::authorize('update', $project);
        abort_unless($entry->household_id === $project->household_id, 404);
        $entry->delete();

        return new JsonResponse(null, 204);
    }

    public function csv(Project $project): Response
    {
        Gate::authorize('view', $project);
        $own = array_map(fn (LibraryEntry $e): Entry => $e->read(), $this->own($project));

        return new Response(LibraryCsv::write($own === [] ? Shipped::entries() : $own), 200,
            ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="library.csv"', 'Cache-Control' => 'no-store']);
    }

    /** A list typed or kept elsewhere; refused whole where one line of it cannot be read. */
    public function bring(Request $request, Project $project, KeepLibrary $keep): JsonResponse
    {
        Gate::authorize('update', $project);
        try {
            return new JsonResponse(['kept' => $keep->of($project->household, LibraryCsv::read(PlainText::cleaned($request->getContent())))]);
        } catch (CsvNotReadable $e) {
            return new JsonResponse(['message' => $e->getMessage()], 422);
        }
    }

    /** @return list<LibraryEntry> */
    private function own(Project $project): array
    {
        /** @var list<LibraryEntry> $own */
        $own = LibraryEntry::query()->where('household_id', $project->household_id)->orderBy('kind')->orderBy('name')->get()->all();

        return $own;
    }
}
