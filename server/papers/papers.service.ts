import { Injectable } from '@nestjs/common';
import pdfmake from 'pdfmake';
import { weightPaper } from '#core/report';
import { evaluate } from '#core/review';
import type { PaperQuery } from '#core/spec';
import { BuildsService, HistoryService } from '../builds/index.js';
import { FONT_FILES, FONTS } from './fonts.js';
import { documentOf } from './layout.js';

pdfmake.setFonts(FONTS);
// A paper reads its fonts and nothing else.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => FONT_FILES.has(path));

const TYPE_NAMES = { pumper: 'Pumper', aerial: 'Aerial', brush: 'Brush truck' } as const;

/** Papers of a build, made of the revision that is asked for. */
@Injectable()
export class PapersService {
  constructor(
    private readonly builds: BuildsService,
    private readonly history: HistoryService,
  ) {}

  /** The weight sheet as a PDF, and a name for its file. */
  async weights(buildId: string, { units = 'us', revision }: PaperQuery): Promise<{ name: string; pdf: Buffer }> {
    const build = await this.builds.one(buildId);
    const of = await this.history.one(buildId, revision ?? build.revision);
    const spec = { ...of.spec, department: build.spec.department };
    const evaluation = evaluate(spec);
    const imprint = { build: spec.name, department: spec.department.name, type: TYPE_NAMES[spec.type], revision: of.revision, date: new Date(of.savedAt), who: of.who };
    const pdf = await pdfmake.createPdf(documentOf(weightPaper(spec, evaluation), evaluation, imprint, units)).getBuffer();
    return { name: `${fileName(spec.name)}-weights-r${of.revision}.pdf`, pdf };
  }
}

/** Letters, digits and dashes: a header takes no more. */
const fileName = (name: string): string => name.normalize('NFKD').replace(/[^a-zA-Z0-9]+/g, '-').replace(/^-|-$/g, '').toLowerCase() || 'build';
