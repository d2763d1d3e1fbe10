<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanProject;
use App\Models\Project;
use App\Print\PlanReader;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Incastro\Core\Document\Model\ReadingKind;
use Incastro\Core\Document\Reading\PlainText;
use Incastro\Core\Exchange\Csv\BoardList;
use Incastro\Core\Exchange\Csv\CsvNotReadable;
use Incastro\Core\Exchange\Csv\ReadingList;
use Incastro\Core\Exchange\Dxf\DxfNotReadable;
use Incastro\Core\Exchange\Dxf\Outlines;
use Incastro\Core\Exchange\Dxf\TracedWall;
use Incastro\Core\Measure\Unit;

/** Lists and drawings from elsewhere, read and proposed: nothing is kept until the person takes it, as an ordinary change. */
final class BringInController
{
    private const UNITS = ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'in' => 25.4, 'ft' => 304.8];

    public function readings(Request $request, Project $project, PlanProject $plan): JsonResponse
    {
        Gate::authorize('update', $project);
        $this->asked($request, ['space' => ['required', 'string', 'max:26']]);
        $site = PlanReader::sites($plan->decoded($project))[$request->string('space')->value()] ?? throw ValidationException::withMessages(['space' => Language::say('The readings belong to a space of the project; that one is not there.')]);
        $words = Catalogue::own($this->unit($project));
        $known = array_map(fn (array $r): array => ['id' => $r['id'], 'name' => $words->renderPlain($r['name']), 'angle' => ReadingKind::from($r['kind'])->isAngle()], $site['walk']);

        return $this->said(fn (): array => ReadingList::read($this->text($request), $known, $this->unit($project), $this->columns($request)));
    }

    public function boards(Request $request, Project $project): JsonResponse
    {
        Gate::authorize('update', $project);
        $this->asked($request, []);
        $stock = [];
        foreach ((array) ($project->decoded()['stock'] ?? []) as $id => $material) {
            if (is_array($material) && is_string($material['name'] ?? null) && is_numeric($material['thickness'] ?? null)) {
                $stock[(string) $id] = ['name' => $material['name'], 'thickness' => (float) $material['thickness']];
            }
        }

        return $this->said(fn (): array => BoardList::read($this->text($request), $stock, $this->unit($project), $this->columns($request)));
    }

    /** Each outline with what it would be as a wall: its offsets, by the side the wall is on. */
    public function outlines(Request $request, Project $project): JsonResponse
    {
        Gate::authorize('update', $project);
        $this->asked($request, ['unit' => ['required', Rule::in(array_keys(self::UNITS))]]);

        return $this->said(fn (): array => ['outlines' => array_map(fn (array $o): array => $o + ['walls' => array_filter(array_combine(['left', 'right', 'top', 'bottom'],
            array_map(fn (string $side): ?array => TracedWall::along($o['points'], $o['closed'], $side), ['left', 'right', 'top', 'bottom'])))],
            Outlines::of($this->text($request), self::UNITS[$request->string('unit')->value()]))]);
    }

    /** @param  array<string, list<mixed>>  $more */
    private function asked(Request $request, array $more): void
    {
        $request->validate(['text' => ['required', 'string', 'max:4000000'], 'columns' => ['sometimes', 'array', 'max:12'], 'columns.*' => ['integer', 'min:0', 'max:200']] + $more, [
            'text.*' => Language::say('There is nothing to read: paste a list, or choose a file of up to 4 MB.'), 'columns.*' => Language::say('A column is a whole number.'), 'unit.*' => Language::say('The drawing is in mm, cm, m, in or ft.'),
        ]);
    }

    /** @param  \Closure(): array<string, mixed>  $read */
    private function said(\Closure $read): JsonResponse
    {
        try {
            return new JsonResponse($read());
        } catch (CsvNotReadable|DxfNotReadable $e) {
            return new JsonResponse(['message' => $e->getMessage()], 422);
        }
    }

    private function text(Request $request): string
    {
        $text = $request->json('text');

        return is_string($text) ? PlainText::cleaned($text) : '';
    }

    /** @return array<string, int> */
    private function columns(Request $request): array
    {
        $columns = [];
        foreach ((array) $request->input('columns', []) as $key => $column) {
            $columns[(string) $key] = is_numeric($column) ? (int) $column : -1;
        }

        return $columns;
    }

    private function unit(Project $project): Unit
    {
        $unit = $project->decoded()['unit'] ?? 'mm';

        return Unit::tryFrom(is_string($unit) ? $unit : '') ?? Unit::Millimetre;
    }
}
