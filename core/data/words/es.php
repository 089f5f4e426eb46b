<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['el', 'la', 'los', 'las', 'un', 'una', 'unos', 'unas', 'de', 'del', 'a', 'al', 'en', 'por', 'para', 'con', 'sin', 'sobre', 'entre', 'hasta', 'desde', 'que', 'qué', 'quién', 'quiénes', 'cuál', 'cuáles', 'cuándo', 'cuánto', 'cuántos', 'cuánta', 'cuántas', 'dónde', 'cómo', 'es', 'son', 'era', 'eran', 'fue', 'fueron', 'ser', 'está', 'están', 'hay', 'ha', 'han', 'se', 'su', 'sus', 'lo', 'le', 'les', 'y', 'o', 'u', 'pero', 'no', 'si', 'como', 'más', 'muy', 'este', 'esta', 'estos', 'estas', 'ese', 'esa', 'cada', 'también', 'sólo', 'solo'],
    'negative' => ['no', 'excepto', 'salvo', 'nunca', 'tampoco'],
    'dated' => ['actual', 'actuales', 'actualmente', 'ahora', 'hoy', 'hoy en día', 'reciente', 'recientes', 'recientemente', 'último', 'últimos', 'este año', 'el año pasado', 'hasta ahora', 'hasta la fecha', 'en la actualidad'],
    'absolute' => ['siempre', 'nunca', 'jamás', 'todo', 'todos', 'toda', 'todas', 'ninguno', 'ninguna', 'solamente', 'únicamente', 'exclusivamente', 'completamente', 'totalmente', 'imposible'],
    'articles' => ['un', 'una', 'unos', 'unas'],
    'true' => ['verdadero', 'v', 'sí', 'si', 'cierto', 'correcto'],
    'false' => ['falso', 'f', 'no', 'incorrecto'],
    'numbers' => ['cero', 'uno', 'dos', 'tres', 'cuatro', 'cinco', 'seis', 'siete', 'ocho', 'nueve', 'diez', 'once', 'doce', 'trece', 'catorce', 'quince', 'dieciséis', 'diecisiete', 'dieciocho', 'diecinueve', 'veinte'],
    'allOfTheAbove' => 'tod[oa]s (?:l[oa]s )?(?:anteriores|mencionad[oa]s|ell[oa]s|respuestas)(?: anteriores)?(?: son correctas)?|todas son correctas',
    'noneOfTheAbove' => 'ningun[oa] (?:de )?(?:l[oa]s )?(?:anteriores|ell[oa]s|respuestas(?: anteriores)?|otr[oa]s)|ninguna (?:respuesta )?es correcta',
    'otherOptions' => '(?:tanto )?{L} (?:y|o|como) {L}(?: son correctas)?|ni {L} ni {L}|(?:respuestas|opciones) {L} (?:y|o) {L}|solo {L} y {L}',
];
