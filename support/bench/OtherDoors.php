<?php

declare(strict_types=1);

/** Every door besides changes, files and lists, asked with what was never meant. Seeded by mt_srand. */
final class OtherDoors
{
    /** By method and address: what each is given. `:p` is a project, `:h` a household, `:x` a value that is none of theirs. */
    private const DOORS = [
        'POST /api/sign-in' => ['email', 'password'], 'POST /api/account' => ['name', 'email', 'password', 'household'], 'POST /api/forgotten' => ['email'], 'POST /api/reset' => ['email', 'token', 'password'],
        'PUT /api/account/password' => ['current', 'password'], 'DELETE /api/account' => ['password'], 'PATCH /api/profile' => ['unit', 'fraction', 'paper', 'currency', 'language', 'prices', 'workshop', 'sheets'],
        'POST /api/join' => ['token'], 'POST /api/households' => ['name'], 'PATCH /api/households/:h' => ['name'], 'POST /api/households/:h/invitations' => ['email', 'role'], 'PATCH /api/households/:h/members/:x' => ['role'],
        'POST /api/projects/new' => ['name', 'unit', 'kind', 'household'], 'PATCH /api/projects/:p' => ['archived'], 'PUT /api/projects/:p/household' => ['household'], 'POST /api/projects/:p/copy' => ['name', 'household'],
        'PATCH /api/projects/:p/revisions/:x' => ['name'], 'POST /api/projects/:p/links' => ['label', 'days'], 'POST /api/projects/:p/rack' => ['piece', 'material', 'length', 'width', 'text'], 'PATCH /api/projects/:p/rack/:x' => ['used'],
        'POST /api/projects/:p/library' => ['kind', 'name', 'entry', 'values'], 'POST /api/projects/:p/library.csv' => ['text', 'kind'], 'POST /api/projects/:p/places' => ['material', 'part', 'sheet', 'x', 'y', 'turned', 'locked'],
        'POST /api/projects/:p/replan' => ['instead'], 'POST /api/projects/:p/layout-searches' => ['material', 'seconds'], 'POST /api/projects/:p/other-side' => ['name'], 'PUT /api/projects/:p/photos/01J8R100000000000000000003' => ['photo'],
        'GET /api/projects' => ['which', 'search', 'page'], 'GET /api/projects/:p/revisions' => ['page', 'before'], 'GET /api/projects/:p/revisions/:x' => ['page'], 'GET /api/projects/:p/revisions/1/compare/:x' => ['page'],
        'GET /api/projects/:p/drawing.svg' => ['of', 'view', 'unit'], 'GET /api/projects/:p/template.svg' => ['of', 'paper'], 'GET /api/projects/:p/template.pdf' => ['of', 'paper'], 'GET /api/projects/:p/plan/:x' => ['page'],
        'GET /api/projects/:p/labels.pdf' => ['paper', 'columns', 'rows', 'width', 'height', 'left', 'top', 'gap_x', 'from'], 'GET /api/projects/:p/space-starts/:x' => ['name'], 'GET /api/projects/:p/thing-starts/:x' => ['space'],
        'GET /api/projects/:p/piece-starts/:x' => ['space'], 'GET /api/projects/:p/carry-in/:x' => ['piece'], 'GET /api/projects/:p/schools/:x' => ['piece'], 'GET /api/projects/:p/shopping.pdf' => ['paper'], 'GET /api/look/:x' => ['unit'],
    ];

    public function __construct(private readonly Mutant $mutant, private readonly string $project, private readonly string $household)
    {
    }

    /** @return array{string, string, array<string, mixed>|null} method, address, what is sent */
    public function one(): array
    {
        $door = array_rand(self::DOORS);
        [$method, $path] = explode(' ', $door);
        $path = strtr($path, [':p' => $this->project, ':h' => $this->household, ':x' => mt_rand(0, 3) ? rawurlencode($this->spelt($this->mutant->value())) : '01j8r100000000000000000003']);
        $given = array_map(fn (): mixed => $this->mutant->value(), array_flip(array_filter(self::DOORS[$door], fn (): bool => mt_rand(0, 4) > 0)));

        return $method === 'GET' ? [$method, $path.'?'.http_build_query($given), null] : [$method, $path, $given];
    }

    private function spelt(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : 'x';
    }
}
