<?php

declare(strict_types=1);

namespace App\OpenApi;

use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/** JSON Schemas of PHP types. A class becomes a schema of its own, made of the parameters of its constructor. */
final class Schemas
{
    private readonly TypeResolver $types;
    /** @var array<string, array<string, mixed>> by the name of the class */
    private array $ofClasses = [];

    public function __construct()
    {
        $this->types = TypeResolver::create();
    }

    /** @return array<string, array<string, mixed>> those that were asked for, and what they are made of */
    public function all(): array
    {
        ksort($this->ofClasses);

        return $this->ofClasses;
    }

    /** @return array<string, mixed> */
    public function ofParameter(\ReflectionParameter $parameter): array
    {
        $type = $parameter->getType();

        // What is no part of the interface, such as an entity, is described by none of its insides.
        return $type instanceof \ReflectionNamedType && !$type->isBuiltin() && !str_starts_with($type->getName(), 'App\Request\\')
            ? ['type' => 'string']
            : $this->of($this->types->resolve($parameter));
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function ofClass(string $class): array
    {
        $reflection = new \ReflectionClass($class);
        $name = $reflection->getShortName();
        if (!isset($this->ofClasses[$name])) {
            $this->ofClasses[$name] = [];
            $constructor = $reflection->getConstructor() ?? throw new \LogicException("{$class} has no constructor.");
            $texts = DocComment::parametersOf($constructor);
            $properties = $required = [];
            foreach ($constructor->getParameters() as $parameter) {
                $text = $texts[$parameter->getName()] ?? null;
                $properties[$parameter->getName()] = $this->of($this->types->resolve($parameter)) + (null === $text ? [] : ['description' => $text]);
                if (!$parameter->isOptional()) {
                    $required[] = $parameter->getName();
                }
            }
            $this->ofClasses[$name] = ['type' => 'object', 'description' => DocComment::summaryOf($reflection), 'properties' => $properties]
                + ([] === $required ? [] : ['required' => $required]);
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /** @return array<string, mixed> */
    private function of(Type $type): array
    {
        return match (true) {
            $type instanceof NullableType => ['anyOf' => [$this->of($type->getWrappedType()), ['type' => 'null']]],
            $type instanceof CollectionType && !$type->isList() => ['type' => 'object', 'additionalProperties' => true],
            $type instanceof CollectionType => ['type' => 'array', 'items' => $this->of($type->getCollectionValueType())],
            $type instanceof BackedEnumType => ['type' => 'string', 'enum' => self::valuesOf($type->getClassName())],
            $type instanceof ObjectType => $this->ofClass(self::existing($type->getClassName())),
            $type instanceof BuiltinType => ['type' => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT => 'integer',
                TypeIdentifier::FLOAT => 'number',
                TypeIdentifier::BOOL => 'boolean',
                default => 'string',
            }],
            default => throw new \LogicException("There is no schema of {$type}."),
        };
    }

    /** @return list<int|string> */
    private static function valuesOf(string $enum): array
    {
        return is_a($enum, \BackedEnum::class, true)
            ? array_map(static fn (\BackedEnum $case) => $case->value, $enum::cases())
            : throw new \LogicException("{$enum} has no values.");
    }

    /** @return class-string */
    private static function existing(string $class): string
    {
        return class_exists($class) ? $class : throw new \LogicException("There is no class {$class}.");
    }
}
