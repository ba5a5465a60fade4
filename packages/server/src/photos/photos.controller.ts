import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Post,
  Put,
  type StreamableFile,
} from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
} from '@nestjs/swagger';
import { CurrentFirm, CurrentPerson, ForTechnicians, type SignedIn } from '../people/signed-in.js';
import { ApiProblems } from '../platform/api-problems.js';
import { idOf } from '../platform/id.pipe.js';
import { PHOTO_POLICY, PHOTO_SCHEMA, photoFile } from './photo-file.js';
import { LastPhotos, PhotoAnswer, PhotoChange, PhotoFields, PhotoRoom } from './photo.dto.js';
import { PhotosService } from './photos.service.js';

/** A picture does not change; somebody else on the same device does not get what this one had. */
const KEPT = 'private, max-age=2592000, immutable';

@ApiTags('photos')
@Controller()
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @ApiOperation({ summary: 'Lists the photos at a property, the newest first.' })
  @Get('properties/:propertyId/photos')
  @ApiOkResponse({ type: [PhotoAnswer] })
  @ApiProblems(404)
  list(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<PhotoAnswer[]> {
    return this.photos.list(firmId, propertyId);
  }

  @ApiOperation({ summary: 'Gives the last photos at a property, and how many there are.' })
  @Get('properties/:propertyId/last-photos')
  @ApiOkResponse({ type: LastPhotos })
  @ApiProblems(404)
  last(
    @CurrentFirm() firmId: string,
    @Param('propertyId', idOf('property')) propertyId: string,
  ): Promise<LastPhotos> {
    return this.photos.last(firmId, propertyId);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Keeps a photo of something at a timer.' })
  @Post('timers/:timerId/photos')
  @ApiCreatedResponse({ type: PhotoAnswer })
  @ApiProblems(403, 404, 422)
  add(
    @CurrentPerson() person: SignedIn,
    @Param('timerId', idOf('timer')) timerId: string,
    @Body() fields: PhotoFields,
  ): Promise<PhotoAnswer> {
    return this.photos.add(person, timerId, fields);
  }

  @ApiOperation({ summary: 'Gives the picture of a photo.' })
  @Get('photos/:photoId/picture')
  @Header('cache-control', KEPT)
  @Header('vary', 'cookie')
  @Header('content-security-policy', PHOTO_POLICY)
  @ApiOkResponse({ content: PHOTO_SCHEMA })
  @ApiProblems(404)
  async picture(
    @CurrentFirm() firmId: string,
    @Param('photoId', idOf('photo')) photoId: string,
  ): Promise<StreamableFile> {
    return photoFile(await this.photos.bytes(firmId, photoId, 'picture'));
  }

  @ApiOperation({ summary: 'Gives the small picture of a photo.' })
  @Get('photos/:photoId/small')
  @Header('cache-control', KEPT)
  @Header('vary', 'cookie')
  @Header('content-security-policy', PHOTO_POLICY)
  @ApiOkResponse({ content: PHOTO_SCHEMA })
  @ApiProblems(404)
  async small(
    @CurrentFirm() firmId: string,
    @Param('photoId', idOf('photo')) photoId: string,
  ): Promise<StreamableFile> {
    return photoFile(await this.photos.bytes(firmId, photoId, 'small'));
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Says what a photo shows, with a note and pins.' })
  @Put('photos/:photoId')
  @ApiOkResponse({ type: PhotoAnswer })
  @ApiProblems(403, 404, 409, 422)
  change(
    @CurrentFirm() firmId: string,
    @Param('photoId', idOf('photo')) photoId: string,
    @Body() change: PhotoChange,
  ): Promise<PhotoAnswer> {
    return this.photos.change(firmId, photoId, change);
  }

  @ForTechnicians()
  @ApiOperation({ summary: 'Takes a photo away, from links that show it too.' })
  @Delete('photos/:photoId')
  @HttpCode(204)
  @ApiNoContentResponse()
  @ApiProblems(403, 404)
  remove(
    @CurrentFirm() firmId: string,
    @Param('photoId', idOf('photo')) photoId: string,
  ): Promise<void> {
    return this.photos.remove(firmId, photoId);
  }

  @ApiOperation({ summary: 'Tells how much of its room for photos the firm has filled.' })
  @Get('firm/photo-room')
  @ApiOkResponse({ type: PhotoRoom })
  room(@CurrentFirm() firmId: string): Promise<PhotoRoom> {
    return this.photos.room(firmId);
  }
}
