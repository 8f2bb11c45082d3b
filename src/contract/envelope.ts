import 'reflect-metadata';
import { schemaVersion } from '../core/command';
import { tableNames, type TableName } from '../core/state';
import { Id, Instant, MaybeWhole, MaybeWords, Nested, NestedList, OneOf, Optional, Sheet, Whole, Words } from './fields';

export class EntityPart {
  @OneOf(tableNames) kind!: TableName;
  @Id() id!: string;
}

/** Personal data that the journal does not keep: stored in a row of its own. */
export class PersonalPart {
  @Id() id!: string;
  @MaybeWords(120) name!: string | null;
  @Optional() @MaybeWords(60) phone?: string | null;
  @Optional() @MaybeWords(200) email?: string | null;
}

/** How every change travels. */
export class Envelope {
  @Id() id!: string;
  @Whole(1, schemaVersion) schemaVersion!: number;
  @Words(60) type!: string;
  @Nested(() => EntityPart) entity!: EntityPart;
  @Instant() madeAt!: string;
  @MaybeWhole(0, Number.MAX_SAFE_INTEGER) after!: number | null;
  @Sheet() base!: Record<string, number>;
  @Sheet() payload!: object;
  @Optional() @Id() group?: string;
  /** Personal data the payload refers to by id; kept out of the journal. */
  @Optional() @NestedList(() => PersonalPart, 4) personal?: PersonalPart[];
}
