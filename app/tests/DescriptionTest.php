<?php

declare(strict_types=1);

namespace App\Tests;

use App\OpenApi\Description;
use App\OpenApi\DocComment;
use Symfony\Component\Routing\RouterInterface;

/** The browser’s types are made of this description, so what it says must be what is sent. */
final class DescriptionTest extends ApiTestCase
{
    public function testAnswersAreDescribedByTheirTypesAndStatus(): void
    {
        $description = $this->description();
        self::assertSame('#/components/schemas/CreatedView', self::at($description, 'paths./api/sheets.post.responses.201.content.application/json.schema.$ref'));
        self::assertSame('#/components/schemas/ConflictView', self::at($description, 'paths./api/sheets/{id}/edits.post.responses.409.content.application/json.schema.$ref'));
        self::assertSame('Done', self::at($description, 'paths./api/sheets/{id}.delete.responses.204.description'));
        self::assertSame('string', self::at($description, 'paths./api/sheets/{id}/file/{target}.get.responses.200.content.text/plain.schema.type'));
        self::assertSame('#/components/schemas/ProblemView', self::at($description, 'paths./api/shelf.get.responses.default.content.application/json.schema.$ref'));
        self::assertSame('binary', self::at($description, 'paths./api/files.post.requestBody.content.multipart/form-data.schema.properties.file.format'));
    }

    public function testAClassIsDescribedByWhatItIsMadeOf(): void
    {
        $finding = self::at($this->description(), 'components.schemas.FindingView');
        self::assertSame(['fault', 'doubt', 'hint'], self::at($finding, 'properties.level.enum'));
        self::assertSame([['$ref' => '#/components/schemas/FixView'], ['type' => 'null']], self::at($finding, 'properties.fix.anyOf'));
        self::assertContains('fix', (array) self::at($finding, 'required'));
        $change = self::at($this->description(), 'components.schemas.SheetChangeRequest');
        self::assertIsArray($change);
        self::assertArrayNotHasKey('required', $change, 'Each may be left out.');
        self::assertSame('how many questions there should be; 0 for no number', self::at($change, 'properties.expected.description'));
    }

    public function testWhatIsSentIsWhatIsDescribed(): void
    {
        $schemas = self::at($this->description(), 'components.schemas');
        self::assertIsArray($schemas);
        foreach (['/api/shelf' => 'ShelfView', '/api/offer' => 'OfferView', '/api/sheets/'.$this->createSheet("One? {T}\n") => 'SheetView'] as $path => $schema) {
            self::assertSame(array_keys((array) self::at($schemas, "{$schema}.properties")), array_keys($this->call('GET', $path)), $path);
        }
    }

    public function testACommentSaysItsFirstParagraph(): void
    {
        self::assertSame('The browser’s types are made of this description, so what it says must be what is sent.', DocComment::summaryOf(new \ReflectionClass(self::class)));
    }

    /** @return array<string, mixed> */
    private function description(): array
    {
        $router = self::getContainer()->get(RouterInterface::class);
        self::assertInstanceOf(RouterInterface::class, $router);

        return (new Description())->of($router->getRouteCollection());
    }
}
