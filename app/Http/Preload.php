<?php

declare(strict_types=1);

namespace App\Http;

/** The built files that the page at an address will want next, so that the browser fetches them all at once instead of one behind the other. */
final class Preload
{
    private const STAGES = ['site' => 'site/SitePage', 'piece' => 'piece/PiecePage', 'fit' => 'fit/FitPage', 'cut' => 'cut/CutPage', 'make' => 'make/MakePage', 'log' => 'log/LogPage'];

    /** @return array{scripts: list<string>, styles: list<string>} addresses; none where nothing is built */
    public static function of(string $path): array
    {
        $wanted = match (true) {
            $path === '/' => ['pages/ProjectsPage.vue'],
            preg_match('#^/?projects/[0-9a-z]{26}(?:/(\w+))?$#i', $path, $m) === 1 => ['pages/ProjectPage.vue', 'stages/'.(self::STAGES[$m[1] ?? 'site'] ?? self::STAGES['site']).'.vue'],
            default => [],
        };
        $files = $styles = [];
        foreach ($wanted as $entry) {
            self::follow(self::manifest(), "resources/js/$entry", $files, $styles);
        }

        return ['scripts' => array_values($files), 'styles' => array_values(array_unique($styles))];
    }

    /**
     * @param  array<string, array{file?: string, imports?: list<string>, css?: list<string>, isEntry?: bool}>  $manifest
     * @param  array<string, string>  $files
     * @param  list<string>  $styles
     */
    private static function follow(array $manifest, string $key, array &$files, array &$styles): void
    {
        $chunk = $manifest[$key] ?? null;
        if ($chunk === null || isset($files[$key]) || ($chunk['isEntry'] ?? false)) {
            return;
        }
        $files[$key] = '/build/'.($chunk['file'] ?? '');
        array_push($styles, ...array_map(fn (string $css): string => "/build/$css", $chunk['css'] ?? []));
        foreach ($chunk['imports'] ?? [] as $import) {
            self::follow($manifest, $import, $files, $styles);
        }
    }

    /** @return array<string, array{file?: string, imports?: list<string>, css?: list<string>, isEntry?: bool}> */
    private static function manifest(): array
    {
        $path = public_path('build/manifest.json');
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;

        /** @var array<string, array{file?: string, imports?: list<string>, css?: list<string>, isEntry?: bool}> */
        return is_array($read) ? $read : [];
    }
}
