<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class PreloadTest extends TestCase
{
    public function test_the_page_names_the_files_of_its_stage_and_each_of_them_is_there(): void
    {
        if (! is_file(public_path('build/manifest.json'))) {
            self::fail('The interface is not built; ./incastro test builds it.');
        }
        $page = (string) $this->get('/projects/01jchartr00m0000000000eft1/cut')->assertOk()->getContent();
        preg_match_all('#<link rel="modulepreload" href="([^"]+)">#', $page, $m);
        self::assertCount(1, preg_grep('#/CutPage-#', $m[1]) ?: []);
        self::assertCount(0, preg_grep('#/SitePage-#', $m[1]) ?: []);
        foreach ($m[1] as $file) {
            self::assertFileExists(public_path(ltrim($file, '/')));
        }
        self::assertStringContainsString('/SitePage-', (string) $this->get('/projects/01jchartr00m0000000000eft1')->getContent());
        self::assertStringNotContainsString('ProjectPage', (string) $this->get('/reset')->getContent());
    }
}
