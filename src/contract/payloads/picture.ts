import { Matches } from 'class-validator';
import { photoSubjects, type PhotoSubject } from '../../core/record';
import { Figure, Id, MaybeId, MaybeWords, Nested, OneOf, Optional, Sheet, Whole, Words } from '../fields';

/** The most bytes one photo may have. */
export const mostPhotoBytes = 20 * 1024 * 1024;

export class PhotoAddBody {
  @Id() jobId!: string;
  @OneOf(photoSubjects) subject!: PhotoSubject;
  @MaybeId() subjectId!: string | null;
  @MaybeWords(40) bag!: string | null;
  @Matches(/^[\da-f]{64}$/, { message: 'This is not a SHA-256.' }) sha256!: string;
  @Whole(1, 30000) width!: number;
  @Whole(1, 30000) height!: number;
  @Whole(1, mostPhotoBytes) bytes!: number;
  @MaybeWords(500) caption!: string | null;
}
export class PhotoFields {
  @Optional() @MaybeWords(500) caption?: string | null;
}
export class PhotoSetBody {
  @Nested(() => PhotoFields) set!: PhotoFields;
}

export class PinAddBody {
  @Id() jobId!: string;
  @Id() photoId!: string;
  @Figure(0, 1) x!: number;
  @Figure(0, 1) y!: number;
  @Words(500) note!: string;
}
export class PinFields {
  @Optional() @Figure(0, 1) x?: number;
  @Optional() @Figure(0, 1) y?: number;
  @Optional() @Words(500) note?: string;
}
export class PinSetBody {
  @Nested(() => PinFields) set!: PinFields;
}

export class ErratumAddBody {
  @Id() bikeId!: string;
  @Words(200) book!: string;
  @MaybeWords(40) page!: string | null;
  @MaybeWords(60) quantity!: string | null;
  @Words(500) says!: string;
  @Words(500) right!: string;
  @Words(200) source!: string;
}
export class ErratumFields {
  @Optional() @Words(200) book?: string;
  @Optional() @MaybeWords(40) page?: string | null;
  @Optional() @MaybeWords(60) quantity?: string | null;
  @Optional() @Words(500) says?: string;
  @Optional() @Words(500) right?: string;
  @Optional() @Words(200) source?: string;
}
export class ErratumSetBody {
  @Nested(() => ErratumFields) set!: ErratumFields;
}

export class DecisionBody {
  @MaybeId() ofJob!: string | null;
  @Id() refusedId!: string;
  @Words(60) refusedType!: string;
  @OneOf(['mine', 'theirs']) choice!: 'mine' | 'theirs';
  @Sheet() set!: Record<string, unknown>;
  @Sheet() theirs!: Record<string, unknown>;
  @Sheet() yours!: Record<string, unknown>;
}
