<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Status;
use App\View\ProblemView;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouteCollection;

/**
 * The HTTP interface as OpenAPI 3.1 (spec.openapis.org/oas/v3.1.0), made of what the program says of itself: the routes, and
 * the types of what its actions take and return.
 */
final class Description
{
    private readonly Schemas $schemas;

    public function __construct()
    {
        $this->schemas = new Schemas();
    }

    /** @return array<string, mixed> */
    public function of(RouteCollection $routes): array
    {
        $paths = [];
        foreach ($routes as $route) {
            $action = $route->getDefault('_controller');
            if (str_starts_with($route->getPath(), '/api/') && \is_string($action) && method_exists($action, '__invoke')) {
                foreach ($route->getMethods() as $method) {
                    $paths[$route->getPath()][strtolower($method)] = $this->operation($route, new \ReflectionMethod($action, '__invoke'));
                }
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => ['title' => 'Notagram', 'version' => '1'],
            'paths' => $paths,
            'components' => ['schemas' => $this->schemas->all()],
        ];
    }

    /** @return array<string, mixed> */
    private function operation(Route $route, \ReflectionMethod $action): array
    {
        $variables = $route->compile()->getPathVariables();
        $types = [];
        $parameters = $body = [];
        foreach ($action->getParameters() as $parameter) {
            $type = $this->schemas->ofParameter($parameter);
            $types[$parameter->getName()] = $type;
            if ([] !== $parameter->getAttributes(MapQueryParameter::class)) {
                $parameters[] = ['name' => $parameter->getName(), 'in' => 'query', 'required' => !$parameter->isOptional(), 'schema' => $type];
            } elseif ([] !== $parameter->getAttributes(MapRequestPayload::class)) {
                $body = ['application/json' => ['schema' => $type]];
            } elseif (self::isFile($parameter)) {
                $file = [$parameter->getName() => ['type' => 'string', 'format' => 'binary']];
                $body = ['multipart/form-data' => ['schema' => ['type' => 'object', 'properties' => $file, 'required' => array_keys($file)]]];
            }
        }
        /** @var string $name */
        foreach ($variables as $name) {
            // A sheet is named by its id, which is text.
            $parameters[] = ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => $types[$name] ?? ['type' => 'string']];
        }

        return ['summary' => DocComment::summaryOf($action->getDeclaringClass())]
            + ([] === $parameters ? [] : ['parameters' => $parameters])
            + ([] === $body ? [] : ['requestBody' => ['required' => true, 'content' => $body]])
            + ['responses' => $this->responses($action->getReturnType())];
    }

    private static function isFile(\ReflectionParameter $parameter): bool
    {
        $type = $parameter->getType();

        return $type instanceof \ReflectionNamedType && UploadedFile::class === $type->getName();
    }

    /** @return array<int|string, mixed> by status */
    private function responses(?\ReflectionType $type): array
    {
        $responses = [];
        foreach ($type instanceof \ReflectionUnionType ? $type->getTypes() : [$type] as $one) {
            $name = $one instanceof \ReflectionNamedType ? $one->getName() : 'void';
            if (is_a($name, Response::class, true)) {
                $responses[200] = ['description' => 'A file', 'content' => ['text/plain' => ['schema' => ['type' => 'string']]]];
            } elseif (class_exists($name)) {
                $responses[Status::of($name)] = $this->json($name);
            } else {
                $responses[204] = ['description' => 'Done'];
            }
        }

        return $responses + ['default' => $this->json(ProblemView::class)];
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private function json(string $class): array
    {
        return ['description' => DocComment::summaryOf(new \ReflectionClass($class)), 'content' => ['application/json' => ['schema' => $this->schemas->ofClass($class)]]];
    }
}
